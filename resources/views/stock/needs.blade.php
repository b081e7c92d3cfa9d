@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('stock.needs.thread_needed')">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $days = $need->nearDays();
        $later = $need->later();
        $codes = array_keys($need->forecast->needed);
        sort($codes);
        $short = $need->forecast->short;
        $today = Carbon\CarbonImmutable::today()->toDateString();
    @endphp
    <x-slot:say>{{ __('stock.needs.today_m_of_thread_and_bobbins', [
        'by_day' => $n(array_sum($need->byDay[$today] ?? [])),
        'bobbins' => $need->bobbins($today),
    ]) }} @if ($short !== [])
            <span class="now">{{ __('stock.needs.threads_run_short', ['short' => count($short)]) }}</span>
        @endif
    </x-slot:say>
    <x-shelf-tabs here="needs" :title="__('stock.needs.thread_needed')" />
    @if ($codes === [])
        <p class="note">{{ __('stock.needs.no_open_batches_plan_one_and') }}</p>
    @else
        <h2 class="mb-1">{{ __('stock.needs.by_day') }}</h2>
        <table class="mb-8">
            <thead>
                <tr>
                    <th>{{ __('stock.needs.thread') }}</th>
                    @foreach ($days as $day)
                        <th class="num">{{ $day === Hakama\Plan\ThreadWanted::NOT_PLANNED
                            ? __('stock.needs.not_planned_yet') : Dates::day(Carbon\CarbonImmutable::parse($day)) }}</th>
                        @endforeach @if ($later !== [])
                            <th class="num">{{ __('stock.needs.later') }}</th>
                        @endif
                        <th class="num">
                            {{ __('stock.needs.in_all') }}</th>
                        <th class="num">{{ __('stock.needs.in_stock') }}</th>
                        <th>{{ __('stock.needs.runs_short') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($codes as $code)
                    <tr>
                        <td><x-swatch :hex="$threads[$code]?->hex" />{{ $code }} {{ $threads[$code]?->name }}</td>
                        @foreach ($days as $day)
                            <td class="num">
                                {{ isset($need->byDay[$day][$code]) ? $n($need->byDay[$day][$code]) : '' }}</td>
                            @endforeach @if ($later !== [])
                                <td class="num">{{ isset($later[$code]) ? $n($later[$code]) : '' }}</td>
                            @endif
                            <td class="num"><strong>{{ $n($need->forecast->needed[$code]) }}</strong></td>
                            <td class="num">{{ $n($threads[$code]?->metresLeft() ?? 0) }}</td>
                            <td>
                                @isset($short[$code])
                                    <span class="now">{{ __('stock.needs.at', ['for' => $short[$code]->for]) }}</span>,
                                    @php $at = $short[$code]->at; @endphp
                                    {{ $at === PHP_INT_MAX
                                        ? __('stock.needs.not_planned_yet') : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($at)) }}
                                @endisset
                            </td>
                    </tr>
                @endforeach
                <tr>
                    <td><x-said key="stock.needs.of_m" :with="[
                        'per_bobbin_m' => $n($need->perBobbinM),
                    ]"><x-slot:strong><strong>{{ __('stock.needs.bobbins') }}</strong></x-slot:strong></x-said></td>
                    @foreach ($days as $day)
                        <td class="num">{{ $need->bobbins($day) }}</td>
                        @endforeach @if ($later !== [])
                            <td class="num">{{ $need->bobbinsLater() }}</td>
                        @endif
                        <td class="num">
                            <strong>{{ $need->bobbinsInAll() }}</strong>
                        </td>
                        <td></td>
                        <td></td>
                </tr>
            </tbody>
        </table>
        <x-because :about="__('stock.needs.how_its_calculated')"><x-said key="stock.needs.metres_per_piece_from_stitch_length">
            <x-slot:link><a href="/shop#top_thread_per_length">{{ __('stock.needs.shop') }}</a></x-slot:link></x-said></x-because>
        <h2 class="mb-1 mt-6">{{ __('stock.needs.by_order') }}</h2>
        <table>
            <thead>
                <tr>
                    <th>{{ __('stock.needs.order') }}</th>
                    <th>{{ __('stock.needs.threads_metres') }}</th>
                    <th class="num">{{ __('stock.needs.in_all') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($orders as $number => $byThread)
                    <tr>
                        <td><a href="{{ route('orders.show', $number) }}">{{ $number }}</a></td>
                        <td>
                            @foreach ($byThread as $code => $metres)
                                <span class="me-4 inline-block whitespace-nowrap"><x-swatch
                                        :hex="$threads[$code]?->hex" />{{ $code }} <span
                                        class="tabular-nums">{{ $n($metres) }}</span></span>
                            @endforeach
                        </td>
                        <td class="num">{{ $n(array_sum($byThread)) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$orders" />
    @endif
</x-layout>
