@php $typed = static fn(?int $cents) => $cents === null ? '' : number_format($cents / 100, 2, '.', ''); @endphp
<x-layout station="shop" title="Price list">
    <x-slot:say>Up to so many stitches, from so many pieces on: so much a piece and place, in
        {{ $currency }}.</x-slot:say>
    <x-shop-tabs here="prices" title="Price list" />
    <form method="post" action="{{ route('prices.show') }}" novalidate>@csrf @method('put')
        <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
        <x-wrong field="seen" /><x-wrong field="prices" />
        @foreach (['limits', 'steps', 'prices'] as $kind)
            @foreach ($errors->get("{$kind}.*") as $problems)
                <p class="wrong" role="alert">{{ $problems[0] }}</p>
                @break
            @endforeach
        @endforeach
        <div class="relative overflow-x-auto"><table class="!w-auto">
            <thead>
                <tr>
                    <th>Up to stitches</th>
                    @foreach ([...$from, null] as $j => $pieces)
                        <th class="num"><label for="pieces-{{ $j }}">from pieces</label><input
                                id="pieces-{{ $j }}" name="steps[{{ $j }}]" inputmode="numeric"
                                class="num !w-24" value="{{ old("steps.{$j}", $pieces) }}"></th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ([...array_keys($steps), null] as $i => $to)
                    <tr>
                        <td><label class="sr-only" for="stitches-{{ $i }}">Up to stitches</label><input
                                id="stitches-{{ $i }}" name="limits[{{ $i }}]" inputmode="numeric"
                                class="num !w-32" value="{{ old("limits.{$i}", $to) }}"></td>
                        @foreach ([...$from, null] as $j => $pieces)
                            <td class="num"><label class="sr-only"
                                    for="price-{{ $i }}-{{ $j }}">Up to {{ $to ?? 'more' }} stitches,
                                    from {{ $pieces ?? 'more' }} pieces</label><input
                                    id="price-{{ $i }}-{{ $j }}"
                                    name="prices[{{ $i }}][{{ $j }}]" inputmode="decimal"
                                    class="num !w-24"
                                    value="{{ old("prices.{$i}.{$j}", $typed($steps[$to][$pieces] ?? null)) }}">
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <p class="mt-4 flex gap-3"><button class="btn btn-main" data-key="s">Keep the list <kbd>s</kbd></button>
            <a class="btn" href="{{ route('prices.csv') }}" data-key="v">Take it as CSV <kbd>v</kbd></a>
            <a class="btn" href="{{ route('prices.rates') }}" data-key="r">Rates as CSV <kbd>r</kbd></a>
            <a class="btn" href="{{ route('orders.ask') }}" data-key="o">What would it cost <kbd>o</kbd></a>
        </p>
        <p class="mt-3 max-w-[60em] text-sm text-soft">A step holds until the next larger quantity; a design with more
            stitches than the last row has no price, and it is said. An empty row or column is left out. Whether the list
            or a margin makes the price is a <a href="/shop#pricing">school of the house</a>, what an hour costs
            <a href="/shop#machine_hour_cents">a rule</a>.</p>
    </form>
    <form method="post" action="{{ route('prices.take') }}" enctype="multipart/form-data"
        class="mt-6 flex max-w-[46em] items-end gap-3">@csrf
        <div class="flex-1"><label for="list">Prices or rates from a file, as they are taken from here (CSV)</label><input
                id="list" name="list" type="file" accept=".csv,text/csv"
                @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
        <button class="btn" data-key="f">Read it in <kbd>f</kbd></button>
    </form>
    <x-wrong field="list" />
</x-layout>
