<x-layout station="orders" :title="'Labels, order ' . $order->number">
    <x-slot:say>{{ $pieces->count() }} labels: one goes with each piece until it is handed over.</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print data-key="p">Print
            <kbd>p</kbd></button>
        @if ($roll)
            <a class="btn" href="{{ route('orders.tags', $order) }}" data-key="s">On a sheet <kbd>s</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', [$order, 'on' => 'roll']) }}" data-key="s">On a roll, 62 mm wide
                <kbd>s</kbd></a>
        @endif
        <a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order <kbd>b</kbd></a>
    </p>
    <div @class(['tags', 'tags-roll' => $roll])>
        @foreach ($pieces as $piece)
            @php $tag = Hakama\Floor\Tag::of($piece->id)->code(); @endphp
            <article class="tag">
                <svg data-qr="{{ route('floor.tag', $tag) }}" role="img" aria-label="{{ $tag }}"></svg>
                <p><strong>{{ $tag }}</strong><br>No. {{ $order->number }}, {{ $order->customer->name }}<br>
                    {{ $piece->decoration->line->garmentLabel() }}<br>{{ $piece->decoration->positionLabel() }},
                    {{ $piece->decoration->artwork->name ?? 'artwork comes later' }}<br>
                    <strong>{{ $piece->label() }}</strong>{{ $piece->text === null ? '' : ", {$piece->text}" }}
                </p>
            </article>
        @endforeach
    </div>
    <script src="{{ App\Http\Built::address('qr.js') }}" defer></script>
</x-layout>
