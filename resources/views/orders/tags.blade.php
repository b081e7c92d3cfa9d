<x-layout station="orders" :title="'Labels, order ' . $order->number">
    <x-slot:say>{{ $bundles === null ? $pieces->count() . ' labels: one goes with each piece until it is handed over.' : $bundles->count() . ' labels: one goes with each bundle.' }}</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print data-key="p">Print
            <kbd>p</kbd></button>
        @php $by = $bundles === null ? [] : ['by' => 'bundle']; @endphp
        @if ($roll)
            <a class="btn" href="{{ route('orders.tags', [$order, ...$by]) }}" data-key="s">On a sheet <kbd>s</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', [$order, 'on' => 'roll', ...$by]) }}" data-key="s">On a roll, 62 mm wide
                <kbd>s</kbd></a>
        @endif
        @if ($bundles === null)
            <a class="btn" href="{{ route('orders.tags', [$order, 'by' => 'bundle']) }}" data-key="n">By bundle
                <kbd>n</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', $order) }}" data-key="n">By piece <kbd>n</kbd></a>
        @endif
        <a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order <kbd>b</kbd></a>
    </p>
    @if ($bundles !== null)
        <form method="post" action="{{ route('orders.bundles', $order) }}" class="noprint mb-4 flex items-end gap-3">@csrf
            <x-field name="of" label="Tie what is loose, so many to a bundle" value="10" inputmode="numeric" class="num"
                box="w-72" /><button class="btn" data-key="t">Tie them <kbd>t</kbd></button></form>
    @endif
    <div @class(['tags', 'tags-roll' => $roll])>
        @foreach ($bundles ?? [] as $bundle)
            @php $tag = $bundle->tag()->code(); @endphp
            <article class="tag">
                <svg data-qr="{{ route('floor.tag', $tag) }}" role="img" aria-label="{{ $tag }}"></svg>
                <p><strong>{{ $tag }}</strong><br>No. {{ $order->number }}, {{ $order->customer->name }}<br>
                    {{ $bundle->decoration->line->garmentLabel() }}<br>{{ $bundle->decoration->positionLabel() }},
                    {{ $bundle->decoration->artwork->name ?? 'artwork comes later' }}<br>
                    <strong>{{ $bundle->pieces->groupBy('size')->map(fn($some, $size) => ($size === 'one' ? '' : "{$size} ") . $some->count())->implode(', ') }}</strong>
                </p>
            </article>
        @endforeach
        @foreach ($bundles === null ? $pieces : [] as $piece)
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
