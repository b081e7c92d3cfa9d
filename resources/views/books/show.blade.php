@use('App\Books\PeriodWords')
@use('App\Foundation\Words\Dates')
<x-layout station="books" :title="__('books.show.books')">
    @php
        $n = static fn(float $v, int $d = 0) => App\Shop\Figure::words($v, $d);
        $causes = static fn($entry) => collect($entry->spoiled)
            ->map(fn($c, $k) => "{$c} " . App\Foundation\Words\Words::say(Hakama\Floor\SpoilCause::from($k)->label()))
            ->implode(', ');
        $over = static fn($e) => $e->overPlan() === null ? '' : sprintf('%+d %%', round(100 * $e->overPlan() - 100));
    @endphp
    <x-slot:say>
        @if ($today)
            {{ __('books.show.pieces_done_today_stitches', [
                'done' => $today->done,
                'value' => $today->spoiledPieces() ? __('books.show.spoiled', [
                    'spoiled_pieces' => $today->spoiledPieces(),
                    'today' => $causes($today),
                ]) : '',
                'stitches' => $n($today->stitches),
            ]) }}
        @else
            {{ __('books.show.nothing_logged_today_yet') }}
        @endif
    </x-slot:say>
    <form class="mb-5 flex flex-wrap items-end gap-2" method="get">
        <div><label for="by">{{ __('books.show.by') }}</label><select id="by" name="by">
                @foreach (Hakama\Books\Period::cases() as $one)
                    <option value="{{ $one->value }}" @selected($one === $period)>{{ __('books.period_name.'.$one->value) }}</option>
                @endforeach
            </select></div>
        <div><label for="from">{{ __('books.show.from') }}</label><input id="from" type="date" name="from"
                value="{{ $from->toDateString() }}"></div>
        <div><label for="to">{{ __('books.show.to') }}</label><input id="to" type="date" name="to"
                value="{{ $to->toDateString() }}"></div>
        <button type="submit" class="btn" data-key="s">{{ __('books.show.show') }} <kbd>s</kbd></button>
        <a class="btn ms-auto" href="{{ route('books.jobs') }}" data-key="j">{{ __('books.show.job_results') }} <kbd>j</kbd></a>
        <a class="btn" href="{{ route('books.charts') }}" data-key="g">{{ __('books.charts.charts') }} <kbd>g</kbd></a>
        <a class="btn" href="{{ route('books.promises') }}" data-key="m">{{ __('books.show.promises') }} <kbd>m</kbd></a>
        <a class="btn" href="{{ route('bank.show') }}" data-key="k">{{ __('money.bank.bank') }} <kbd>k</kbd></a>
        <a class="btn" href="{{ route('ledger.show') }}" data-key="b">{{ __('ledger.page.bookkeeping') }} <kbd>b</kbd></a>
        <a class="btn" href="{{ route('books.learned') }}" data-key="l">{{ __('books.show.what_the_log_shows') }} <kbd>l</kbd></a>
        @php
            $span = ['by' => $period->value, 'from' => $from->toDateString(), 'to' => $to->toDateString()];
        @endphp
        <a class="btn btn-small" href="{{ route('books.csv', $span) }}" data-key="c">CSV <kbd>c</kbd></a>
        <a class="btn btn-small" href="{{ route('books.xlsx', $span) }}" data-key="x">{{ __('books.show.xlsx') }} <kbd>x</kbd></a>
    </form>
    <x-wrong field="from" /><x-wrong field="to" />
    <x-wrong field="by" />
    @if ($entries === [])
        <p class="note">{{ __('books.show.nothing_was_sewn_in_these_days') }}</p>
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
            <div>
                <h2 class="mb-1">{{ __('books.show.by_2', ['value' => __('books.period_small.'.$period->value)]) }}</h2>
                <figure data-chart="by-period" data-form="columns" class="chart mb-2 !h-[170px]" @if (count($entries) < 2) hidden @endif></figure>
                <table id="by-period">
                    <thead>
                        <tr>
                            <th>{{ __('books.period.'.$period->value) }}</th>
                            <th class="num" data-series>{{ __('books.show.stitches') }}</th>
                            <th class="num">{{ __('books.show.done') }}</th>
                            <th class="num">{{ __('books.show.spoiled_2') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($sums as $first => $e)
                            @php
                                $day = Carbon\CarbonImmutable::parse($first);
                                $inside = [
                                    'by' => ($period->within() ?? $period)->value,
                                    'from' => $first,
                                    'to' => $period->last($day)->format('Y-m-d'),
                                ];
                            @endphp
                            <tr data-label="{{ PeriodWords::of($period, $day) }}" data-values="[{{ $e->stitches }}]">
                                <td class="whitespace-nowrap">
                                    <a href="{{ route('books.show', $inside) }}">{{ PeriodWords::of($period, $day) }}</a>
                                </td>
                                <td class="num">{{ $n($e->stitches) }}</td>
                                <td class="num">{{ $e->done }}</td>
                                <td class="num">{{ $e->spoiledPieces() ?: '' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <h2 class="mb-1 mt-6">{{ __('books.show.by_machine') }}</h2>
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('books.show.machine') }}</th>
                            <th class="num">{{ __('books.show.stitches') }}</th>
                            <th class="num">{{ __('books.show.planned') }}</th>
                            <th class="num">{{ __('books.show.actual') }}</th>
                            <th class="num">{{ __('books.show.over_plan') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($byMachine as $machine => $e)
                            <tr>
                                <td>{{ $machine }}</td>
                                <td class="num">{{ $n($e->stitches) }}</td>
                                <td class="num">{{ $n($e->plannedS / 60) }} min</td>
                                <td class="num">{{ $n($e->realS / 60) }} min</td>
                                <td class="num">{{ $over($e) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($hours !== [])
                    <h2 class="mb-1 mt-6">{{ __('books.show.where_the_hours_went') }}</h2>
                    <table id="machine-hours">
                        <thead>
                            <tr>
                                <th>{{ __('books.show.hours') }}</th>
                                @foreach ([__('books.show.sewing'), __('books.show.stopped'), __('books.show.hands'), __('books.show.changeovers'), __('books.show.idle')] as $state)
                                    <th class="num">{{ $state }}</th>
                                @endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($hours as $machine => $use)
                                <tr>
                                    <td>{{ $machine }}</td>
                                    @foreach ([$use->sewing, $use->stopped, $use->hands, $use->changing, $use->idle] as $s)
                                        <td class="num">{{ $n($s / 3600, 1) }}</td>
                                    @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <x-because :about="__('books.show.how_hours_are_sorted')"><x-said key="books.show.from_the_machine_and_floor_log">
                        <x-slot:link><a
                            href="/shop#idle_after_min">{{ __('books.show.house_limit') }}</a></x-slot:link></x-said></x-because>
                @endif
                <h2 class="mb-1 mt-6">{{ __('books.show.spoiled_2') }}</h2>
                @if ($total->spoiled === [])
                    <p class="text-soft">{{ __('books.show.none') }}</p>
                @else
                    <table>
                        <thead>
                            <tr>
                                <th>{{ __('books.show.cause') }}</th>
                                <th class="num">{{ __('books.show.pieces') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($total->spoiled as $cause => $count)
                                <tr>
                                    <td>{{ Hakama\Floor\SpoilCause::from($cause)->label() }}</td>
                                    <td class="num">{{ $count }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </div>
            <div>
                <h2 class="mb-1">{{ __('books.show.by_day_machine_and_order') }}</h2>
                @if ($rows === [])
                    <p class="note mb-2">{{ __('books.show.lines_open_a_to_see_them', [
                        'entries' => count($entries),
                        'value' => $period->within()->value ?? __('books.show.day'),
                    ]) }}</p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th scope="col">{{ __('books.show.day_2') }}</th>
                            <th scope="col">{{ __('books.show.on') }}</th>
                            <th scope="col">{{ __('books.show.order') }}</th>
                            <th scope="col" class="num">{{ __('books.show.stitches') }}</th>
                            <th scope="col" class="num">{{ __('books.show.done') }}</th>
                            <th scope="col" class="num">{{ __('books.show.planned') }}</th>
                            <th scope="col" class="num">{{ __('books.show.actual') }}</th>
                            <th scope="col">{{ __('books.show.spoiled_2') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $e)
                            <tr>
                                <td class="whitespace-nowrap">
                                    {{ Dates::day(Carbon\CarbonImmutable::parse($e->day)) }}</td>
                                <td>{{ $e->machine }}</td>
                                <td><a href="{{ route('orders.show', $e->order) }}">{{ $e->order }}</a>
                                    {{ $customers[$e->order] ?? '' }}</td>
                                <td class="num">{{ $n($e->stitches) }}</td>
                                <td class="num">{{ $e->done }}</td>
                                <td class="num">{{ $n($e->plannedS / 60, 1) }}</td>
                                <td class="num">{{ $n($e->realS / 60, 1) }}</td>
                                <td>{{ $causes($e) }}</td>
                            </tr>
                        @endforeach
                        <tr class="font-semibold">
                            <td colspan="3">{{ __('books.show.total') }}</td>
                            <td class="num">{{ $n($total->stitches) }}</td>
                            <td class="num">{{ $total->done }}</td>
                            <td class="num">{{ $n($total->plannedS / 60, 1) }}</td>
                            <td class="num">{{ $n($total->realS / 60, 1) }}</td>
                            <td>{{ $total->spoiledPieces() ?: '' }}</td>
                        </tr>
                    </tbody>
                </table>
                @if ($costliest !== [])
                    <h2 class="mb-1 mt-6">{{ __('books.show.biggest_losses') }}</h2>
                    <ol id="costliest">
                        @foreach ($costliest as [$what, $cents])
                            <li class="flex border-b border-hair py-1">{{ $what }}<span
                                    class="num ms-auto">{{ $n($cents / 100, 2) }}</span></li>
                        @endforeach
                    </ol>
                    <x-because :about="__('books.show.how_its_calculated')"><x-said key="books.show.spoiled_pieces_at_garment_value_machine">
                        <x-slot:link><a href="/shop#machine_hour_cents">{{ __('books.show.hourly_rates') }}</a></x-slot:link></x-said></x-because>
                @endif
                <x-because :about="__('books.show.where_these_come_from')">{{ __('books.show.counted_from_the_floor_log_only') }}</x-because>
            </div>
        </div>
    @endif
    <script src="{{ App\Foundation\Http\BuiltAsset::address('chart.js') }}" defer></script>
</x-layout>
