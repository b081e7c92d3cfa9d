@php
    $line = $bundle->decoration->line;
    $order = $line->order;
    $states = $bundle->pieces->groupBy(fn($piece) => $piece->state->value);
@endphp
<x-layout station="floor" :title="'Bundle ' . $bundle->tag()->code()" :floor="true">
    <x-slot:say>{{ $bundle->pieces->count() }} pieces tied together.</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ $bundle->tag()->code() }}</h1>
        <a class="ml-auto" href="{{ route('floor.tags') }}" data-key="l">Another label <kbd>l</kbd></a>
        <a href="{{ route('orders.tags', [$order, 'by' => 'bundle']) }}" data-key="p">Print labels <kbd>p</kbd></a>
    </div>
    <dl class="facts max-w-[36em]">
        <dt>Garment</dt>
        <dd>{{ $line->garmentLabel() }}</dd>
        <dt>Sewn on it</dt>
        <dd>{{ $bundle->decoration->artwork->name ?? 'artwork comes later' }},
            {{ $bundle->decoration->positionLabel() }}</dd>
        <dt>For</dt>
        <dd><a href="{{ route('orders.show', $order) }}">no. {{ $order->number }}</a>, {{ $order->customer->name }}, due
            {{ $order->due_at->format('D j M, H:i') }}</dd>
        <dt>Pieces</dt>
        <dd>
            @foreach ($bundle->pieces->groupBy('size') as $size => $some)
                {{ $size === 'one' ? '' : $size . ' ' }}{{ $some->count() }}{{ $loop->last ? '' : ', ' }}
            @endforeach
        </dd>
        <dt>Stand</dt>
        <dd>
            @foreach ($states as $state => $some)
                {{ $some->count() }} {{ ['waiting' => 'waiting', 'sewing' => 'on the machine',
                    'done' => 'sewn'][$state] }}{{ $loop->last ? '' : ', ' }}
            @endforeach
            @if ($bundle->decoration->batch)
                in {{ $bundle->decoration->batch->code }}{{ $bundle->decoration->batch->machine
                    ? ' on ' . $bundle->decoration->batch->machine->code : '' }}
            @endif
        </dd>
    </dl>
    <div class="mt-5 grid grid-cols-1 gap-5 md:grid-cols-3">
        <form method="post" action="{{ route('floor.bundles.count', $bundle) }}">@csrf<x-field name="here"
                label="How many are here" inputmode="numeric" class="num" /><button class="btn mt-2 w-full"
                data-key="h">Count them <kbd>h</kbd></button></form>
        <form method="post" action="{{ route('floor.bundles.split', $bundle) }}">@csrf<x-field name="pieces"
                label="Take so many off" inputmode="numeric" class="num" /><button class="btn mt-2 w-full">A bundle of
                their own</button></form>
        <form method="post" action="{{ route('floor.bundles.join', $bundle) }}">@csrf<x-field name="other"
                label="Label of another" placeholder="K-12-3" maxlength="200" /><button
                    class="btn mt-2 w-full">Tie it to
                this one</button></form>
    </div>
</x-layout>
