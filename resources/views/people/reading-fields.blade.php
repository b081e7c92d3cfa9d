@use('App\Foundation\Words\Habits')
@use('App\Foundation\Words\Languages')
@use('Hakama\Artwork\Paper')
@use('Hakama\House\Units')
{{-- A language and the habits of writing in it; what is left open is as `$else` says. --}}
@php
    $kept = $habits->kept();
    $monday = Carbon\CarbonImmutable::parse('2026-03-02');
    $choices = [
        'region' => [__('people.reading.region'), Languages::regions(), 'w-56'],
        'hours' => [__('people.reading.hours'), ['24' => '16:30', '12' => '4:30 pm'], 'w-40'],
        'first_day' => [__('people.reading.first_day'), array_combine(range(1, 7), array_map(
            static fn(int $i) => App\Foundation\Words\Dates::longWeekday($monday->addDays($i - 1)), range(1, 7),
        )), 'w-44'],
        'paper' => [__('people.reading.paper'), [Paper::A4->value => 'A4', Paper::Letter->value => __('people.reading.letter')], 'w-40'],
        ...$withUnits ? ['units' => [__('people.reading.units'), [
            Units::Millimetres->value => __('people.reading.millimetres'), Units::Inches->value => __('people.reading.inches'),
        ], 'w-40']] : [],
    ];
@endphp
<div><label for="spoken">{{ __('people.reading.language') }}</label><select id="spoken" name="language" class="!w-40">
        @foreach (Languages::all() as $code => $name)
            <option value="{{ $code }}" lang="{{ $code }}" @selected(old('language', $language) === $code)>{{ $name }}</option>
        @endforeach
    </select><x-wrong field="language" /></div>
@foreach ($choices as $field => [$label, $options, $width])
    <div><label for="{{ $field }}">{{ $label }}</label><select id="{{ $field }}" name="{{ $field }}" class="!{{ $width }}">
            <option value="">{{ $else }}</option>
            @foreach ($options as $code => $name)
                <option value="{{ $code }}" @selected((string) old($field, $kept[$field] ?? '') === (string) $code)>{{ $name }}</option>
            @endforeach
        </select><x-wrong :field="$field" /></div>
@endforeach
