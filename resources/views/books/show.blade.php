<x-layout station="books" title="Books">
    @php
        $n = static fn(float $v, int $d = 0) => App\Shop\Figure::words($v, $d);
        $causes = static fn($entry) => collect($entry->spoiled)
            ->map(fn($c, $k) => "{$c} " . Hakama\Floor\SpoilCause::from($k)->label())
            ->implode(', ');
        $over = static fn($e) => $e->overPlan() === null ? '' : sprintf('%+d %%', round(100 * $e->overPlan() - 100));
    @endphp
    <x-slot:say>
        @if ($today)
            {{ $today->done }} pieces done
            today{{ $today->spoiledPieces() ? ', ' . $today->spoiledPieces() . ' spoiled: ' . $causes($today) : '' }};
            {{ $n($today->stitches) }} stitches.
        @else
            Nothing is booked today yet.
        @endif
    </x-slot:say>
    <form class="mb-5 flex flex-wrap items-end gap-3" method="get">
        <div><label for="by">By</label><select id="by" name="by">
                @foreach (Hakama\Books\Period::cases() as $one)
                    <option value="{{ $one->value }}" @selected($one === $period)>{{ $one->value }}</option>
                @endforeach
            </select></div>
        <div><label for="from">From</label><input id="from" type="date" name="from"
                value="{{ $from->toDateString() }}"></div>
        <div><label for="to">to</label><input id="to" type="date" name="to"
                value="{{ $to->toDateString() }}"></div>
        <button class="btn" data-key="s">Show <kbd>s</kbd></button>
        <a class="btn ml-auto" href="{{ route('books.jobs') }}" data-key="j">What jobs earned <kbd>j</kbd></a>
        <a class="btn" href="{{ route('books.promises') }}" data-key="m">Promises <kbd>m</kbd></a>
        <a class="btn" href="{{ route('books.learned') }}" data-key="l">What was learned <kbd>l</kbd></a>
        @php
            $span = ['by' => $period->value, 'from' => $from->toDateString(), 'to' => $to->toDateString()];
        @endphp
        <a class="btn" href="{{ route('books.csv', $span) }}" data-key="c">CSV <kbd>c</kbd></a>
        <a class="btn" href="{{ route('books.xlsx', $span) }}" data-key="x">XLSX <kbd>x</kbd></a>
    </form>
    <x-wrong field="from" /><x-wrong field="to" />
    <x-wrong field="by" />
    @if ($entries === [])
        <p class="note">Nothing was sewn in these days. Every load, piece and spoil of the floor is booked here by
            itself.</p>
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
            <div>
                <h2 class="mb-1">By {{ $period->value }}</h2>
                <figure data-chart="by-period" class="mb-2" hidden></figure>
                <table id="by-period">
                    <thead>
                        <tr>
                            <th>{{ ucfirst($period->value) }}</th>
                            <th class="num">Stitches</th>
                            <th class="num">Done</th>
                            <th class="num">Spoiled</th>
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
                            <tr data-label="{{ $period->label($day) }}" data-value="{{ $e->stitches }}">
                                <td class="whitespace-nowrap">
                                    <a href="{{ route('books.show', $inside) }}">{{ $period->label($day) }}</a>
                                </td>
                                <td class="num">{{ $n($e->stitches) }}</td>
                                <td class="num">{{ $e->done }}</td>
                                <td class="num">{{ $e->spoiledPieces() ?: '' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <h2 class="mb-1 mt-6">By machine</h2>
                <table>
                    <thead>
                        <tr>
                            <th>Machine</th>
                            <th class="num">Stitches</th>
                            <th class="num">Planned</th>
                            <th class="num">Real</th>
                            <th class="num">Over plan</th>
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
                    <h2 class="mb-1 mt-6">What became of their hours</h2>
                    <table id="machine-hours">
                        <thead>
                            <tr>
                                <th>Hours</th>
                                @foreach (['Sewing', 'Stopped', 'Hands', 'Changing', 'Idle'] as $state)
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
                    <x-because about="How they are told apart">From what machines and people told: a stand until the next
                        load is hands, until the next batch is set up is changing; what is longer than the <a
                            href="/shop#idle_after_min">house’s limit</a>, and what nobody told of, is idle. Hours in
                        which the shop is shut count for none of them but sewing.</x-because>
                @endif
                <h2 class="mb-1 mt-6">Spoiled</h2>
                @if ($total->spoiled === [])
                    <p class="text-soft">Nothing.</p>
                @else
                    <table>
                        <thead>
                            <tr>
                                <th>Because</th>
                                <th class="num">Pieces</th>
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
                <h2 class="mb-1">By day, machine and order</h2>
                @if ($rows === [])
                    <p class="note mb-2">{{ count($entries) }} lines: open a
                        {{ $period->within()->value ?? 'day' }} to see them, or take them as CSV.</p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th>Day</th>
                            <th>On</th>
                            <th>Order</th>
                            <th class="num">Stitches</th>
                            <th class="num">Done</th>
                            <th class="num">Planned</th>
                            <th class="num">Real</th>
                            <th>Spoiled</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $e)
                            <tr>
                                <td class="whitespace-nowrap">
                                    {{ Carbon\CarbonImmutable::parse($e->day)->format('D j M') }}</td>
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
                            <td colspan="3">Together</td>
                            <td class="num">{{ $n($total->stitches) }}</td>
                            <td class="num">{{ $total->done }}</td>
                            <td class="num">{{ $n($total->plannedS / 60, 1) }}</td>
                            <td class="num">{{ $n($total->realS / 60, 1) }}</td>
                            <td>{{ $total->spoiledPieces() ?: '' }}</td>
                        </tr>
                    </tbody>
                </table>
                @if ($costliest !== [])
                    <h2 class="mb-1 mt-6">What cost most of what went otherwise</h2>
                    <ol id="costliest">
                        @foreach ($costliest as [$what, $cents])
                            <li class="flex border-b border-hair py-1">{{ $what }}<span
                                    class="num ml-auto">{{ number_format($cents / 100, 2) }}</span></li>
                        @endforeach
                    </ol>
                    <x-because about="How it is reckoned">Spoiled pieces at what their garment is worth, machines and
                        hands at the house’s <a href="/shop#machine_hour_cents">hourly figures</a>.</x-because>
                @endif
                <x-because about="Where these come from">Counted from the events of the floor and from nothing else.
                    Planned and real are minutes of sewing: planned is the run time of each load that was sewn, real
                    what the machine’s own clock said of it, halts and all. Stitches count every head.</x-because>
            </div>
        </div>
    @endif
    <script src="{{ App\Foundation\Http\BuiltAsset::address('chart.js') }}" defer></script>
</x-layout>
