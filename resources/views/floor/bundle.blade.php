@use('App\Foundation\Words\Dates')
@php
    $line = $bundle->decoration->line;
    $order = $line->order;
    $states = $bundle->pieces->groupBy(fn($piece) => $piece->state->value);
@endphp
<x-layout station="floor" :title="__('floor.bundle.bundle', ['code' => $bundle->tag()->code()])" :floor="true">
    <x-slot:say>{{ __('floor.bundle.pieces_in_this_bundle', ['count' => $bundle->pieces->count()]) }}</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ $bundle->tag()->code() }}</h1>
        <a class="ms-auto" href="{{ route('floor.tags') }}" data-key="l">{{ __('floor.bundle.another_label') }} <kbd>l</kbd></a>
        <a href="{{ route('orders.tags', [$order, 'by' => 'bundle']) }}" data-key="p">{{ __('floor.bundle.print_labels') }} <kbd>p</kbd></a>
    </div>
    <dl class="facts max-w-[36em]">
        <dt>{{ __('floor.bundle.garment') }}</dt>
        <dd>{{ $line->garmentLabel() }}</dd>
        <dt>{{ __('floor.bundle.decoration') }}</dt>
        <dd>{{ $bundle->decoration->artwork->name ?? __('floor.bundle.artwork_to_follow') }},
            {{ $bundle->decoration->positionLabel() }}</dd>
        <dt>{{ __('floor.bundle.customer') }}</dt>
        <dd><x-said key="floor.bundle.due" :with="[
            'name' => $order->customer->name,
            'due_at' => Dates::dayTime($order->due_at),
        ]"><x-slot:link><a href="{{ route('orders.show', $order) }}">{{ __('floor.bundle.no', [
            'number' => $order->number,
        ]) }}</a></x-slot:link></x-said></dd>
        <dt>{{ __('floor.bundle.pieces') }}</dt>
        <dd>{{ App\Garment\SizeRun::said($bundle->pieces->countBy('size')->all()) }}</dd>
        <dt>{{ __('floor.bundle.status') }}</dt>
        <dd>
            @foreach ($states as $state => $some)
                {{ $some->count() }} {{ match ($state) {
                    'waiting' => __('floor.bundle.waiting'),
                    'sewing' => __('floor.bundle.on_the_machine'),
                    'done' => __('floor.bundle.sewn'),
                } }}{{ $loop->last ? '' : ', ' }}
            @endforeach
            @if ($bundle->decoration->batch)
                {{ $bundle->decoration->batch->machine === null
                    ? __('floor.bundle.in_batch', ['batch' => $bundle->decoration->batch->code])
                    : __('floor.bundle.in_batch_on', [
                        'batch' => $bundle->decoration->batch->code,
                        'machine' => $bundle->decoration->batch->machine->code,
                    ]) }}
            @endif
        </dd>
    </dl>
    <div class="mt-5 grid grid-cols-1 gap-5 md:grid-cols-3">
        <form method="post" action="{{ route('floor.bundles.count', $bundle) }}">@csrf<x-field name="here"
                :label="__('floor.bundle.pieces_here')" inputmode="numeric" class="num" /><button type="submit" class="btn mt-2 w-full"
                data-key="h">{{ __('floor.bundle.save_the_count') }} <kbd>h</kbd></button></form>
        <form method="post" action="{{ route('floor.bundles.split', $bundle) }}">@csrf<x-field name="pieces"
                :label="__('floor.bundle.take_off_this_many')" inputmode="numeric" class="num" /><button type="submit" class="btn mt-2 w-full">{{ __('floor.bundle.separate_bundle') }}</button></form>
        <form method="post" action="{{ route('floor.bundles.join', $bundle) }}">@csrf<x-field name="other"
                :label="__('floor.bundle.label_of_another')" placeholder="K-12-3" maxlength="200" /><button
                    type="submit"
                    class="btn mt-2 w-full">{{ __('floor.bundle.join_to_this_one') }}</button></form>
    </div>
</x-layout>
