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
            <a class="btn" href="{{ route('prices.rates') }}" data-key="e">Rates as CSV <kbd>e</kbd></a>
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
    <div class="mt-8 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">What an hour of a machine costs</h2>
            <form method="post" action="{{ route('prices.machine') }}" novalidate>@csrf
                <div class="grid grid-cols-2 gap-3 md:grid-cols-3">
                    <x-field name="machine_price" label="The machine cost" inputmode="decimal" class="num" />
                    <x-field name="years" label="lasts, years" value="8" inputmode="decimal" class="num" />
                    <x-field name="hours" label="runs, hours a year" value="1500" inputmode="decimal" class="num" />
                    <x-field name="watts" label="draws, watts" value="600" inputmode="decimal" class="num" />
                    <x-field name="kwh" label="a kilowatt hour costs" value="0.30" inputmode="decimal" class="num" />
                    <x-field name="care" label="care in a year" value="0" inputmode="decimal" class="num" />
                </div>
                <button class="btn mt-3" data-key="h">Work it out and take it <kbd>h</kbd></button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">Stock that was bought</h2>
            <form method="post" action="{{ route('prices.bought') }}" novalidate>@csrf
                <input type="hidden" name="id" value="{{ Str::uuid() }}"><x-wrong field="id" />
                <div class="grid grid-cols-2 gap-3 md:grid-cols-3">
                    <div><label for="of">What</label><select id="of" name="of">
                            @foreach ($bought as $rule => $label)
                                <option value="{{ $rule }}" @selected(old('of') === $rule)>{{ $label }}</option>
                            @endforeach
                        </select><x-wrong field="of" /></div>
                    <x-field name="amount" label="km of thread, m² of cloth" inputmode="decimal" class="num" />
                    <x-field name="paid" label="paid for all of it" inputmode="decimal" class="num" />
                </div>
                <button class="btn mt-3" data-key="b">Write it down <kbd>b</kbd></button>
            </form>
            <p class="mt-2 text-sm text-soft">What was bought in the last year makes an average, a large purchase more than a
                small one; it is offered under <a href="{{ route('books.learned') }}">What was learned</a>.</p>
        </section>
    </div>
</x-layout>
