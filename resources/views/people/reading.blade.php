@use('App\Foundation\Words\Dates')
@use('App\Foundation\Words\Languages')
<x-layout station="shop" :title="__('people.reading.title')">
    <x-slot:say>{{ $person === null ? __('people.reading.for_this_desk') : __('people.reading.for_you', ['name' => $person->name]) }}</x-slot:say>
    <h1 class="mb-4">{{ __('people.reading.title') }}</h1>
    <form method="post" action="{{ route('reading.choose') }}" class="flex flex-wrap items-end gap-4">@csrf
        @method('put')
        @include('people.reading-fields', [
            'language' => $person->language ?? Languages::now(),
            'else' => __('people.reading.as_the_shop'),
            'withUnits' => true,
        ])
        <button type="submit" class="btn btn-main" data-key="s">{{ __('people.reading.save') }} <kbd>s</kbd></button>
    </form>
    <dl class="facts mt-6 max-w-[44em]">
        <dt>{{ __('people.reading.today') }}</dt>
        <dd>{{ Dates::longDayYearTime(Carbon\CarbonImmutable::now()) }}</dd>
        <dt>{{ __('people.reading.typed_as') }}</dt>
        <dd>{{ Dates::numeric(Carbon\CarbonImmutable::now()) }}</dd>
        <dt>{{ __('people.reading.a_length') }}</dt>
        <dd>{{ $example }}</dd>
    </dl>
</x-layout>
