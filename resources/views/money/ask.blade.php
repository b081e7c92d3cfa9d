<x-layout station="orders" title="What would it cost">
    <x-slot:say>On the telephone: so many garments, a design of about that size. It answers while you type.</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>What would it cost</h1>
        <a class="ml-auto" href="{{ route('orders.quotes') }}" data-key="k">Quotes given <kbd>k</kbd></a>
        <a href="{{ route('prices.show') }}" data-key="p">Price list <kbd>p</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">All orders <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
        <form method="get" action="{{ route('orders.ask') }}" hx-get="{{ route('orders.asked') }}"
            hx-target="#asked" hx-trigger="input delay:300ms, submit{{ request()->query->count() === 0
                ? ', load' : '' }}" hx-swap="innerHTML">
            @php $v = static fn(string $field, string $else) => request()->string($field, $else)->value(); @endphp
            <div class="grid grid-cols-2 gap-3">
                <x-field name="pieces" label="Garments" :value="$v('pieces', '24')" inputmode="numeric" class="num"
                    autofocus />
                <x-field name="places" label="Places on each" :value="$v('places', '1')" inputmode="numeric"
                    class="num" />
                <x-field name="width" label="Design, mm wide" :value="$v('width', '85')" inputmode="decimal"
                    class="num" />
                <x-field name="height" label="mm high" :value="$v('height', '60')" inputmode="decimal" class="num" />
            </div>
            <label for="fill" class="mt-3">How much of it is sewn</label>
            <select id="fill" name="fill">
                @foreach (Hakama\Money\Coverage::cases() as $fill)
                    <option value="{{ $fill->value }}"
                        @selected($v('fill', 'half') === $fill->value)>{{ $fill->label() }}</option>
                @endforeach
            </select>
            <div class="mt-3 grid grid-cols-2 gap-3">
                <x-field name="stitches" label="or its stitches, if known" :value="$v('stitches', '')"
                    inputmode="numeric"
                    class="num" />
                <x-field name="colours" label="Colours" :value="$v('colours', '3')" inputmode="numeric" class="num" />
                <x-field name="blank" label="We pay for a garment" :value="$v('blank', '')" inputmode="decimal"
                    placeholder="brought along" class="num" />
                <x-field name="worth" label="One is worth" :value="$v('worth', '')" inputmode="decimal" class="num" />
                <div><label for="fabric">Cloth, if known</label>
                    <select id="fabric" name="fabric">
                        <option value="">not said</option>
                        @foreach (Hakama\Garment\Fabric::cases() as $one)
                            <option value="{{ $one->value }}"
                                @selected($v('fabric', '') === $one->value)>{{ $one->label() }}</option>
                        @endforeach
                    </select></div>
                <x-field name="artwork" label="Artwork, once" :value="$v('artwork', '')" inputmode="decimal"
                    class="num" />
            </div>
            <details class="mt-3" @if ($v('stitches_2', '') !== '' || $v('width_2', '') !== '') open @endif>
                <summary>A second design on the same garment</summary>
                <div class="mt-2 grid grid-cols-2 gap-3">
                    <x-field name="width_2" label="Second, mm wide" :value="$v('width_2', '')" inputmode="decimal"
                        class="num" />
                    <x-field name="height_2" label="mm high" :value="$v('height_2', '')" inputmode="decimal"
                        class="num" />
                    <div class="col-span-2"><label for="fill_2">How much of it is sewn</label>
                        <select id="fill_2" name="fill_2">
                            @foreach (Hakama\Money\Coverage::cases() as $fill)
                                <option value="{{ $fill->value }}"
                                    @selected($v('fill_2', 'half') === $fill->value)>{{ $fill->label() }}</option>
                            @endforeach
                        </select></div>
                    <x-field name="stitches_2" label="or its stitches" :value="$v('stitches_2', '')"
                        inputmode="numeric" class="num" />
                    <x-field name="colours_2" label="Colours" :value="$v('colours_2', '3')" inputmode="numeric"
                        class="num" />
                    <x-field name="places_2" label="Places" :value="$v('places_2', '1')" inputmode="numeric"
                        class="num" />
                </div>
            </details>
            @if ($of)
                <input type="hidden" name="of" value="{{ $of->id }}">
            @endif
            <noscript><button class="btn btn-main mt-3">Work it out</button></noscript>
        </form>
        <section id="asked" aria-live="polite">@include('money.asked')</section>
    </div>
</x-layout>
