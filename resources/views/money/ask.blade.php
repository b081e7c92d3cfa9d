<x-layout station="orders" :title="__('money.ask.quick_quote')">
    <x-slot:say>{{ __('money.ask.price_a_job_while_the_customer') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('money.ask.quick_quote') }}</h1>
        <a class="ms-auto" href="{{ route('orders.quotes') }}" data-key="k">{{ __('money.ask.quotes') }} <kbd>k</kbd></a>
        <a href="{{ route('prices.show') }}" data-key="p">{{ __('money.ask.price_list') }} <kbd>p</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">{{ __('money.ask.all_orders') }} <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
        <form method="get" action="{{ route('orders.ask') }}" data-hx-get="{{ route('orders.asked') }}"
            data-hx-target="#asked" data-hx-trigger="input delay:300ms, submit{{ request()->query->count() === 0
                ? ', load' : '' }}" data-hx-swap="innerHTML">
            @php $v = static fn(string $field, string $else) => request()->string($field, $else)->value(); @endphp
            <div class="grid grid-cols-2 gap-3">
                <x-field name="pieces" :label="__('money.ask.quantity')" :value="$v('pieces', '24')" inputmode="numeric" class="num"
                    autofocus />
                <x-field name="places" :label="__('money.ask.decorations_per_garment')" :value="$v('places', '1')" inputmode="numeric"
                    class="num" />
                <x-field name="width" :label="__('money.ask.design_width', ['units' => $units->label()])" :value="$v('width', $units->field(85))" inputmode="decimal"
                    class="num" />
                <x-field name="height" :label="__('money.ask.height', ['units' => $units->label()])" :value="$v('height', $units->field(60))" inputmode="decimal" class="num" />
            </div>
            <label for="fill" class="mt-3">{{ __('money.ask.coverage') }}</label>
            <select id="fill" name="fill">
                @foreach (Hakama\Money\Coverage::cases() as $fill)
                    <option value="{{ $fill->value }}"
                        @selected($v('fill', 'half') === $fill->value)>{{ $fill->label() }}</option>
                @endforeach
            </select>
            <div class="mt-3 grid grid-cols-2 gap-3">
                <x-field name="stitches" :label="__('money.ask.or_stitches_if_known')" :value="$v('stitches', '')"
                    inputmode="numeric"
                    class="num" />
                <x-field name="colours" :label="__('money.ask.colours')" :value="$v('colours', '3')" inputmode="numeric" class="num" />
                <x-field name="blank" :label="__('money.ask.blank_cost')" :value="$v('blank', '')" inputmode="decimal"
                    :placeholder="__('money.ask.customer_supplies')" class="num" />
                <x-field name="worth" :label="__('money.ask.garment_value')" :value="$v('worth', '')" inputmode="decimal" class="num" />
                <div><label for="fabric">{{ __('money.ask.cloth_if_known') }}</label>
                    <select id="fabric" name="fabric">
                        <option value="">{{ __('money.ask.not_set') }}</option>
                        @foreach (Hakama\Garment\Fabric::cases() as $one)
                            <option value="{{ $one->value }}"
                                @selected($v('fabric', '') === $one->value)>{{ $one->label() }}</option>
                        @endforeach
                    </select></div>
                <x-field name="artwork" :label="__('money.ask.artwork_fee')" :value="$v('artwork', '')" inputmode="decimal"
                    class="num" />
            </div>
            <details class="mt-3" @if ($v('stitches_2', '') !== '' || $v('width_2', '') !== '') open @endif>
                <summary>{{ __('money.ask.second_design_on_the_same_garment') }}</summary>
                <div class="mt-2 grid grid-cols-2 gap-3">
                    <x-field name="width_2" :label="__('money.ask.second_width', ['units' => $units->label()])" :value="$v('width_2', '')" inputmode="decimal"
                        class="num" />
                    <x-field name="height_2" :label="__('money.ask.height', ['units' => $units->label()])" :value="$v('height_2', '')" inputmode="decimal"
                        class="num" />
                    <div class="col-span-2"><label for="fill_2">{{ __('money.ask.coverage') }}</label>
                        <select id="fill_2" name="fill_2">
                            @foreach (Hakama\Money\Coverage::cases() as $fill)
                                <option value="{{ $fill->value }}"
                                    @selected($v('fill_2', 'half') === $fill->value)>{{ $fill->label() }}</option>
                            @endforeach
                        </select></div>
                    <x-field name="stitches_2" :label="__('money.ask.or_stitches')" :value="$v('stitches_2', '')"
                        inputmode="numeric" class="num" />
                    <x-field name="colours_2" :label="__('money.ask.colours')" :value="$v('colours_2', '3')" inputmode="numeric"
                        class="num" />
                    <x-field name="places_2" :label="__('money.ask.positions')" :value="$v('places_2', '1')" inputmode="numeric"
                        class="num" />
                </div>
            </details>
            @if ($of)
                <input type="hidden" name="of" value="{{ $of->id }}">
            @endif
            <noscript><button type="submit"
                class="btn btn-main mt-3">{{ __('money.ask.calculate') }}</button></noscript>
        </form>
        <div id="asked" class="min-h-screen lg:min-h-0" aria-live="polite">@include('money.asked')</div>
    </div>
</x-layout>
