<x-layout station="orders" :title="__('orders.tags.labels_order', ['number' => $order->number])">
    <x-slot:say>{{ __('orders.tags.labels_one_for_each', ['labels' => count($labels), 'value' => $byBundle ? __('orders.tags.bundle')
        : __('orders.tags.piece_until_handover')]) }}</x-slot:say>
    @php $by = $byBundle ? ['by' => 'bundle'] : []; @endphp
    <form method="get" action="{{ route('orders.tags', $order) }}" class="noprint mb-4 flex flex-wrap items-end gap-3">
        @if ($byBundle)
            <input type="hidden" name="by" value="bundle">
        @endif
        <label class="field">{{ __('orders.tags.printed_on') }}
            <select name="on" class="input">
                @foreach (Hakama\Floor\LabelStock::cases() as $one)
                    @php [$columns, $rows] = $one->grid(); [$width, $height] = $one->pageMm() ?? [0, 0]; @endphp
                    <option value="{{ $one->value }}" @selected($one === $stock)>{{ $one->isRoll()
                        ? __('orders.tags.roll_of', ['width' => (int) $width, 'height' => (int) $height])
                        : __('orders.tags.sheet_of', ['columns' => $columns, 'rows' => $rows]) }}</option>
                @endforeach
            </select>
        </label>
        <button type="submit" class="btn" data-key="s">{{ __('orders.tags.show') }} <kbd>s</kbd></button>
    </form>
    <p class="noprint mb-4 flex flex-wrap gap-3">
        <a class="btn btn-main" href="{{ route('orders.labels', [$order, ...$by, 'on' => $stock->value]) }}"
            data-key="p">{{ __('orders.tags.print') }} <kbd>p</kbd></a>
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
    <div @class(['tags', 'tags-roll' => $stock->isRoll()])>
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
