<x-layout station="orders" :title="__('orders.tags.labels_order', ['number' => $order->number])">
    <x-slot:say>{{ __('orders.tags.labels_one_for_each', ['labels' => count($labels), 'value' => $byBundle ? __('orders.tags.bundle')
        : __('orders.tags.piece_until_handover')]) }}</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print data-key="p">{{ __('orders.tags.print') }}
            <kbd>p</kbd></button>
        @php $by = $byBundle ? ['by' => 'bundle'] : []; @endphp
        <a class="btn" href="{{ route('orders.labels', [$order, ...$by, ...$roll ? ['on' => 'roll'] : []]) }}"
            data-key="d">{{ __('orders.tags.download_pdf') }} <kbd>d</kbd></a>
        @if ($roll)
            <a class="btn" href="{{ route('orders.tags', [$order, ...$by]) }}" data-key="s">{{ __('orders.tags.sheet') }} <kbd>s</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', [$order, 'on' => 'roll', ...$by]) }}" data-key="s">{{ __('orders.tags.roll_62_mm_wide') }}
                <kbd>s</kbd></a>
        @endif
        @if (! $byBundle)
            <a class="btn" href="{{ route('orders.tags', [$order, 'by' => 'bundle']) }}" data-key="n">{{ __('orders.tags.per_bundle') }}
                <kbd>n</kbd></a>
        @else
            <a class="btn" href="{{ route('orders.tags', $order) }}" data-key="n">{{ __('orders.tags.per_piece') }} <kbd>n</kbd></a>
        @endif
        <a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.tags.back_to_the_order') }} <kbd>b</kbd></a>
    </p>
    @if (App\Floor\Labels\Label::leadsNowhere())
        <p class="note note-now noprint mb-4" role="alert"><x-said key="orders.tags.these_labels_hold_this_computers_own" :with="[
            'get_scheme_and_http_host' => request()->getSchemeAndHttpHost(),
        ]"><x-slot:code><code>{{ __('orders.tags.bin_start_listen_0_0_0') }}</code></x-slot:code></x-said></p>
    @endif
    @if ($byBundle)
        <form method="post" action="{{ route('orders.bundles', $order) }}" class="noprint mb-4 flex items-end gap-3">@csrf
            <x-field name="of" :label="__('orders.tags.bundle_loose_pieces_this_many_each')" value="10" inputmode="numeric" class="num"
                box="w-72" /><button type="submit" class="btn" data-key="t">{{ __('orders.tags.make_bundles') }} <kbd>t</kbd></button></form>
    @endif
    <div @class(['tags', 'tags-roll' => $roll])>
        @foreach ($labels as $label)
            <div class="tag">
                <svg data-qr="{{ $label->address }}" role="img" aria-label="{{ $label->code }}"></svg>
                <p><strong>{{ $label->code }}</strong><br>
                    @foreach ($label->lines as $line)
                        {{ $line }}<br>
                    @endforeach
                    <strong>{{ $label->what }}</strong></p>
            </div>
        @endforeach
    </div>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('qr.js') }}" defer></script>
</x-layout>
