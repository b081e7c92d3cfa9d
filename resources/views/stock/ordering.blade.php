@use('App\Foundation\Words\Dates')
@php
    $every = $all->flatten(1);
    $late = $every->filter(fn($one) => $one->isTooLate($now));
    $figure = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
@endphp
<x-layout station="shop" :title="__('stock.ordering.to_order')">
    <x-slot:say>
        @if ($every->isEmpty())
            {{ __('stock.ordering.everything_planned_is_in_stock') }}
        @elseif ($late->isNotEmpty())
            <span class="now">{{ __('stock.ordering.should_have_been_ordered_already', [
                'value' => $late->count() === 1 ? __('stock.ordering.one_thing') : __('stock.ordering.things', [
                    'count' => $late->count(),
                ]),
            ]) }}</span>
        @else
            {{ __('stock.ordering.to_order_2', [
                'value' => $every->count() === 1 ? __('stock.ordering.one_thing_is') : __('stock.ordering.things_are', [
                    'count' => $every->count(),
                ]),
            ]) }}
        @endif
    </x-slot:say>
    <x-shelf-tabs here="ordering" :title="__('stock.ordering.to_order')" />
    @if ($every->isEmpty())
        <p class="note">{{ __('stock.ordering.thread_backing_counted_blanks_bobbins_film') }}</p>
    @else
        @foreach ($all as $from => $some)
            @if ($all->count() > 1 || $from !== '')
                <h2 class="mb-1 mt-4">{{ $from === '' ? __('stock.ordering.supplier_not_set') : __('stock.ordering.from', [
                    'from' => $from,
                ]) }}</h2>
            @endif
        <div class="overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>{{ __('stock.ordering.kind') }}</th>
                    <th>{{ __('stock.ordering.item') }}</th>
                    <th class="num">{{ __('stock.ordering.missing') }}</th>
                    <th>{{ __('stock.ordering.needed_for') }}</th>
                    <th>{{ __('stock.ordering.needed') }}</th>
                    <th>{{ __('stock.ordering.order_by') }}</th>
                    <th>{{ __('stock.expected.comes') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($some as $one)
                    <tr>
                        <td>{{ __('stock.of.'.$one->of) }}</td>
                        <td>{{ $one->what }}</td>
                        <td class="num">{{ App\Shop\Figure::words(ceil($one->missing)) }} {{ $one->unit }}</td>
                        <td>{{ $one->for }}</td>
                        <td>{{ $one->wanted === null ? __('stock.ordering.not_planned_yet')
                            : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($one->wanted)) }}
                        </td>
                        <td @class(['now' => $one->isTooLate($now)])>
                            {{ $one->orderBy === null ? ''
                                : Dates::day(App\Foundation\Clock\ShopClock::time($one->orderBy)) }}{{ $one->isTooLate($now) ? __('stock.ordering.too_late_for_the_plan') : '' }}
                        </td>
                        <td>
                            @if ($one->key !== '')
                                @include('stock.expected', ['said' => $expected["{$one->of} {$one->key}"] ?? null])
                            @endif
                            @if (isset($holding[$one->what]))
                                <span class="block text-sm">{{ __('stock.expected.holds', [
                                    'codes' => App\Foundation\Words\Words::some($holding[$one->what], 4),
                                ]) }}</span>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        @endforeach
        <p class="mt-3 flex items-baseline gap-4"><a class="btn"
            href="{{ route('ordering.csv') }}">{{ __('stock.ordering.download_csv') }}</a><span
                class="text-sm text-soft"><x-said key="stock.ordering.delivery_takes_blanks_count_as_missing">
                    <x-slot:link><a href="{{ route('shop.show') }}#lead_days">{{ __('stock.ordering.days', [
                    'days' => App\Shop\Figure::words($days),
                ]) }}</a></x-slot:link></x-said></span></p>
    @endif
    <div class="mt-8 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">{{ __('stock.ordering.stock_counts') }}</h2>
            <p class="mb-2 text-sm text-soft">{{ __('stock.ordering.every_bobbin_change_and_piece_of') }}</p>
            <x-wrong field="kind" /><x-wrong field="amount" />
            @foreach (App\Stock\StockKind::cases() as $kind)
                @php
                    [$left, $count] = [$stock->left($kind), $stock->counted($kind)];
                    $digits = $kind === App\Stock\StockKind::Film ? 2 : 0;
                @endphp
                <form method="post" action="{{ route('ordering.count') }}"
                    class="mb-3 flex flex-wrap items-end gap-3">@csrf
                    <input type="hidden" name="kind" value="{{ $kind->value }}">
                    <p class="w-72"><strong>{{ $kind->label() }}</strong>:
                        {{ $left === null ? __('stock.ordering.never_counted') : $figure(max(0, $left), $digits) }}
                        {{ $left === null ? '' : $kind->unit() }}
                        @if ($count)
                            <span class="block text-sm text-soft">{{ __('stock.ordering.counted_on', [
                                'amount' => $figure($count['amount'], $digits),
                                'at' => Dates::dateTime($count['at']),
                                'value' => $count['who'] === '' ? '' : ", {$count['who']}",
                            ]) }}</span>
                        @endif
                    </p>
                    <div class="w-28"><label for="amount-{{ $kind->value }}">{{ __('stock.ordering.in_stock', [
                        'kind' => $kind->label(),
                        'value' => $digits > 0 ? ', m²' : '',
                    ]) }}</label><input type="text"
                            id="amount-{{ $kind->value }}" name="amount" inputmode="decimal" class="num"></div>
                    <button type="submit" class="btn">{{ __('stock.ordering.counted') }}</button>
                </form>
            @endforeach
            @if ($bolts !== [])
                <h2 class="mb-1 mt-5">{{ __('stock.ordering.cloth_for_applique') }}</h2>
                <p class="mb-2 text-sm text-soft">{{ __('stock.ordering.each_sewn_frame_deducts_the_boxes') }}</p>
                <x-wrong field="cloth" /><x-wrong field="length_mm" />
                @foreach ($bolts as $bolt)
                    <form method="post" action="{{ route('ordering.measure') }}"
                        class="mb-3 flex flex-wrap items-end gap-3">@csrf
                        <input type="hidden" name="cloth" value="{{ $bolt->code }}">
                        <p class="w-72"><x-swatch :hex="$bolt->hex" /><x-said key="stock.ordering.mm" :with="[
                            'name' => $bolt->name,
                            'value' => $figure(max(0, $bolt->leftMm)),
                        ]"><x-slot:strong><strong>{{ $bolt->code }}</strong></x-slot:strong></x-said>
                            <span class="block text-sm text-soft">{{ $bolt->reservedMm() > 0
                                ? __('stock.ordering.mm_reserved', [
                                    'reserved_mm' => $figure($bolt->reservedMm()),
                                ]) : __('stock.ordering.none_reserved') }}</span>
                        </p>
                        <div class="w-28"><label for="length-{{ $loop->index }}">{{ __('stock.ordering.left_mm', [
                            'code' => $bolt->code,
                        ]) }}</label><input type="text" id="length-{{ $loop->index }}" name="length_mm" inputmode="decimal"
                                class="num"></div>
                        <button type="submit" class="btn">{{ __('stock.ordering.measured') }}</button>
                    </form>
                @endforeach
            @endif
        </section>
        <section>
            <h2 class="mb-1">{{ __('stock.ordering.suppliers') }}</h2>
            <form method="post" action="{{ route('ordering.supply') }}">@csrf @method('put')
                <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
                <x-wrong field="seen" />
                @foreach ($kinds as $of)
                    <div class="mb-2 flex items-end gap-3">
                        <p class="w-20">{{ __('stock.of.'.$of) }}</p>
                        <div class="flex-1"><label for="from-{{ $of }}">{{ __('stock.ordering.from_2') }}</label><input type="text" id="from-{{ $of }}"
                                name="suppliers[{{ $of }}][name]" maxlength="80"
                                value="{{ old("suppliers.{$of}.name", $stock->supplier($of)['name']) }}"></div>
                        <div class="w-28"><label for="days-{{ $of }}">{{ __('stock.ordering.delivery_days') }}</label><input type="text" id="days-{{ $of }}"
                                name="suppliers[{{ $of }}][lead_days]" inputmode="decimal" class="num"
                                placeholder="{{ $figure($days) }}"
                                value="{{ old("suppliers.{$of}.lead_days", $stock->supplier($of)['lead_days']) }}"></div>
                    </div>
                    <x-wrong field="suppliers.{{ $of }}.name" /><x-wrong field="suppliers.{{ $of }}.lead_days" />
                @endforeach
                <button type="submit" class="btn" data-key="k">{{ __('stock.ordering.save') }} <kbd>k</kbd></button>
            </form>
        </section>
    </div>
    @if ($reserved !== [])
        <h2 class="mb-1 mt-8">{{ __('stock.ordering.reserved_for_the_plan') }}</h2>
        <table class="!w-auto">
            <thead>
                <tr>
                    <th>{{ __('stock.ordering.batch') }}</th>
                    <th>{{ __('stock.ordering.starts') }}</th>
                    <th class="num">{{ __('stock.ordering.garments') }}</th>
                    <th class="num">{{ __('stock.ordering.backing_pieces') }}</th>
                    <th class="num">{{ __('stock.ordering.thread_m') }}</th>
                    <th class="num">{{ __('stock.ordering.bobbins') }}</th>
                    <th class="num">{{ __('stock.ordering.film_m2') }}</th>
                    <th class="num">{{ __('stock.ordering.cloth_mm') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach (array_slice($reserved, 0, 60) as $one)
                    <tr>
                        <td><a href="{{ route('plan.why', $one->batch) }}">{{ $one->batch }}</a></td>
                        <td>{{ $one->at === null ? __('stock.ordering.not_planned_yet')
                            : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($one->at)) }}</td>
                        <td class="num">{{ $figure($one->garments) }}</td>
                        <td class="num">{{ $figure($one->backing) }}</td>
                        <td class="num">{{ $figure($one->threadM) }}</td>
                        <td class="num">{{ $figure($one->bobbins, 1) }}</td>
                        <td class="num">{{ $one->filmM2 > 0 ? $figure($one->filmM2, 2) : '' }}</td>
                        <td class="num">{{ $one->clothMm > 0 ? $figure($one->clothMm) : '' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout>
