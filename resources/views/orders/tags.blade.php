<x-layout station="orders" :title="'Labels, order ' . $order->number">
    <x-slot:say>{{ count($labels) }} labels: one goes with each {{ $byBundle ? 'bundle'
        : 'piece until it is handed over' }}.</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print data-key="p">Print
            <kbd>p</kbd></button>
        @php $by = $byBundle ? ['by' => 'bundle'] : []; @endphp
        <a class="btn" href="{{ route('orders.labels', [$order, ...$by, ...$roll ? ['on' => 'roll'] : []]) }}"
            data-key="d">As PDF <kbd>d</kbd></a>
        @if ($roll)
            <a class="btn" href="{{ route('orders.tags', [$order, ...$by]) }}" data-key="s">On a sheet <kbd>s</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', [$order, 'on' => 'roll', ...$by]) }}" data-key="s">On a roll, 62 mm wide
                <kbd>s</kbd></a>
        @endif
        @if (! $byBundle)
            <a class="btn" href="{{ route('orders.tags', [$order, 'by' => 'bundle']) }}" data-key="n">By bundle
                <kbd>n</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', $order) }}" data-key="n">By piece <kbd>n</kbd></a>
        @endif
        <a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order <kbd>b</kbd></a>
    </p>
    @if (App\Floor\Labels\Label::leadsNowhere())
        <p class="note note-now noprint mb-4" role="alert">These labels carry the address of this computer alone
            ({{ request()->getSchemeAndHttpHost() }}): a telephone that reads one finds nothing. Open the shop to the
            others first, with <code>bin/start --listen=0.0.0.0 --host=NAME</code>, then print. The codes in letters
            work either way, typed under Floor, Labels.</p>
    @endif
    @if ($byBundle)
        <form method="post" action="{{ route('orders.bundles', $order) }}" class="noprint mb-4 flex items-end gap-3">@csrf
            <x-field name="of" label="Tie what is loose, so many to a bundle" value="10" inputmode="numeric" class="num"
                box="w-72" /><button class="btn" data-key="t">Tie them <kbd>t</kbd></button></form>
    @endif
    <div @class(['tags', 'tags-roll' => $roll])>
        @foreach ($labels as $label)
            <article class="tag">
                <svg data-qr="{{ $label->address }}" role="img" aria-label="{{ $label->code }}"></svg>
                <p><strong>{{ $label->code }}</strong><br>
                    @foreach ($label->lines as $line)
                        {{ $line }}<br>
                    @endforeach
                    <strong>{{ $label->what }}</strong></p>
            </article>
        @endforeach
    </div>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('qr.js') }}" defer></script>
</x-layout>
