@php $typed = static fn(?int $cents) => $cents === null ? '' : number_format($cents / 100, 2, '.', ''); @endphp
<x-layout station="shop" :title="__('money.prices.price_list')">
    <x-slot:say>{{ __('money.prices.price_per_piece_and_decoration_in', ['currency' => $currency]) }}</x-slot:say>
    <x-shop-tabs here="prices" :title="__('money.prices.price_list')" />
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
                    <th>{{ __('money.prices.up_to_stitches') }}</th>
                    @foreach ([...$from, null] as $j => $pieces)
                        <th class="num"><label
                            for="pieces-{{ $j }}">{{ __('money.prices.from_pieces') }}</label><input type="text"
                                id="pieces-{{ $j }}" name="steps[{{ $j }}]" inputmode="numeric"
                                class="num !w-24" value="{{ old("steps.{$j}", $pieces) }}"></th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ([...array_keys($steps), null] as $i => $to)
                    <tr>
                        <td><label class="sr-only"
                            for="stitches-{{ $i }}">{{ __('money.prices.up_to_stitches') }}</label><input type="text"
                                id="stitches-{{ $i }}" name="limits[{{ $i }}]" inputmode="numeric"
                                class="num !w-32" value="{{ old("limits.{$i}", $to) }}"></td>
                        @foreach ([...$from, null] as $j => $pieces)
                            <td class="num"><label class="sr-only"
                                    for="price-{{ $i }}-{{ $j }}">{{ __('money.prices.up_to_stitches_from_pieces', [
                                        'to' => $to ?? __('money.prices.more'),
                                        'pieces' => $pieces ?? __('money.prices.more'),
                                    ]) }}</label><input type="text"
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
        <p class="mt-4 flex gap-3"><button type="submit" class="btn btn-main" data-key="s">{{ __('money.prices.save_price_list') }} <kbd>s</kbd></button>
            <a class="btn" href="{{ route('prices.csv') }}" data-key="v">{{ __('money.prices.download_csv') }} <kbd>v</kbd></a>
            <a class="btn" href="{{ route('prices.rates') }}" data-key="e">{{ __('money.prices.rates_as_csv') }} <kbd>e</kbd></a>
            <a class="btn" href="{{ route('orders.ask') }}"
                data-key="o">{{ __('money.prices.quick_quote') }} <kbd>o</kbd></a>
        </p>
        <p class="mt-3 max-w-[60em] text-sm text-soft"><x-said key="money.prices.a_price_holds_up_to_the">
            <x-slot:link><a href="/shop#pricing">{{ __('money.prices.house_rules') }}</a></x-slot:link>
            <x-slot:link2><a
                href="/shop#machine_hour_cents">{{ __('money.prices.a_house_rule') }}</a></x-slot:link2></x-said></p>
    </form>
    <form method="post" action="{{ route('prices.take') }}" enctype="multipart/form-data"
        class="mt-6 flex max-w-[46em] items-end gap-3">@csrf
        <div class="flex-1"><label for="list">{{ __('money.prices.prices_or_rates_from_a_csv') }}</label><input
                id="list" name="list" type="file" accept=".csv,text/csv"
                @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
        <button type="submit" class="btn" data-key="f">{{ __('money.prices.upload') }} <kbd>f</kbd></button>
    </form>
    <x-wrong field="list" />
    <div class="mt-8 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">{{ __('money.prices.machine_cost_per_hour') }}</h2>
            <form method="post" action="{{ route('prices.machine') }}" novalidate>@csrf
                <div class="grid grid-cols-2 gap-3 md:grid-cols-3">
                    <x-field name="machine_price" :label="__('money.prices.purchase_price')" inputmode="decimal" class="num" />
                    <x-field name="years" :label="__('money.prices.lifetime_years')" value="8" inputmode="decimal" class="num" />
                    <x-field name="hours" :label="__('money.prices.hours_per_year')" value="1500" inputmode="decimal" class="num" />
                    <x-field name="watts" :label="__('money.prices.power_watts')" value="600" inputmode="decimal" class="num" />
                    <x-field name="kwh" :label="__('money.prices.price_per_kwh')" value="0.30" inputmode="decimal" class="num" />
                    <x-field name="care" :label="__('money.prices.maintenance_per_year')" value="0"
                        inputmode="decimal" class="num" />
                </div>
                <button type="submit" class="btn mt-3"
                    data-key="h">{{ __('money.prices.calculate_and_use') }} <kbd>h</kbd></button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">{{ __('money.prices.stock_purchases') }}</h2>
            <form method="post" action="{{ route('prices.bought') }}" novalidate>@csrf
                <input type="hidden" name="id" value="{{ Str::uuid() }}"><x-wrong field="id" />
                <div class="grid grid-cols-2 gap-3 md:grid-cols-3">
                    <div><label for="of">{{ __('money.prices.item') }}</label><select id="of" name="of">
                            @foreach ($bought as $rule => $label)
                                <option value="{{ $rule }}" @selected(old('of') === $rule)>{{ $label }}</option>
                            @endforeach
                        </select><x-wrong field="of" /></div>
                    <x-field name="amount" :label="__('money.prices.km_of_thread_m2_of_cloth')" inputmode="decimal"
                        class="num" />
                    <x-field name="paid" :label="__('money.prices.total_paid')" inputmode="decimal" class="num" />
                </div>
                <button type="submit" class="btn mt-3"
                    data-key="b">{{ __('money.prices.save_purchase') }} <kbd>b</kbd></button>
            </form>
            <p class="mt-2 text-sm text-soft"><x-said key="money.prices.purchases_of_the_last_year_make">
                <x-slot:link><a
                    href="{{ route('books.learned') }}">{{ __('money.prices.what_the_log_shows') }}</a></x-slot:link></x-said></p>
        </section>
    </div>
</x-layout>
