@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $to = static fn(array $changed) => route(
        'plan.show',
        array_filter([
            'zoom' => $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? null : $chart->axis->zoom->value,
            'day' => $chart->axis->offset ?: null,
            ...$changed,
        ]),
    );
@endphp
<div id="plan" data-moves="{{ route('plan.moves') }}" data-consequence="{{ route('plan.consequence') }}"
    data-version="{{ $version }}" data-day="{{ $chart->axis->offset }}" data-zoom="{{ $chart->axis->zoom->value }}"
    data-token="{{ csrf_token() }}" data-focus="{{ $focus }}">
    @if ($problem)
        <p class="note note-now mb-3" role="alert">{{ $problem }}</p>
    @endif
    <div class="mb-3 flex flex-wrap items-center gap-3">
        @if ($chart->axis->offset > 0)
            <a class="btn" href="{{ $to(['day' => $chart->axis->offset - 1]) }}"
                data-key="p">{{ $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? 'Day before' : 'Before' }}
                <kbd>p</kbd></a>
        @endif
        <h1 class="text-lg">{{ $chart->axis->title() }}</h1>
        <a class="btn" href="{{ $to(['day' => $chart->axis->offset + 1]) }}"
            data-key="n">{{ $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? 'Day after' : 'After' }}
            <kbd>n</kbd></a>
        <div class="flex gap-1" role="group" aria-label="How much is shown">
            @foreach (App\Plan\Chart\Zoom::cases() as $one)
                <a href="{{ $to(['zoom' => $one->value, 'day' => null]) }}"
                    @if ($one === $chart->axis->zoom) aria-current="true" @endif
                        @class(['btn btn-small', 'btn-main' => $one === $chart->axis->zoom])
                    data-key="{{ ['hour' => 'h', 'day' => 'd', 'week' => 'w'][$one->value] }}"
                    data-does="Show {{ strtolower($one->label()) }}">{{ $one->label() }}
                    <kbd>{{ ['hour' => 'h', 'day' => 'd', 'week' => 'w'][$one->value] }}</kbd></a>
            @endforeach
        </div>
        <nav class="tabs ml-auto" aria-label="Of the plan"><a href="{{ route('plan.ask') }}" data-key="q"
                data-does="Questions to the plan">Questions <kbd>q</kbd></a><a href="{{ route('plan.calendar') }}"
                data-key="k" data-does="Days off, machines down, calendars">Calendar <kbd>k</kbd></a></nav>
        <form method="post" action="{{ route('plan.undo') }}">@csrf<input type="hidden" name="version"
                value="{{ $version }}"><button class="btn" data-key="z" data-does="Undo the last change">Undo
                <kbd>z</kbd></button></form>
        <form method="post" action="{{ route('plan.propose') }}">@csrf<button class="btn btn-main" data-key="f">Find
                a better plan <kbd>f</kbd></button></form>
    </div>
    @if ($people !== [])
        <p class="mb-1 text-sm">{{ implode('; ', $people) }}.</p>
    @endif
    <p id="consequence" class="mb-2 min-h-6 text-sm" role="status">{{ $said }}</p>
    @include('plan.chart', ['live' => true])
    <p class="my-3 text-sm text-soft">Striped: changeover. Shaded: hooping of the first load. Each crease is a load.
        Below, every needle is a strand in its thread’s colour; a red tick is where it is threaded anew. Dashed: a batch
        waits for blanks, for frames or for hands. Green: what has been sewn. The blue line under an end: from
        where it ends in 50 of 100 cases to 80, and thin to 95. At the foot, how many hands changeovers
        and hooping want at once; what is above the dotted line is more than people are in. Drag a batch, or give it the
        focus and press <kbd class="ml-0">shift</kbd> with an arrow; Enter on one says why it is there. What runs
        stays.</p>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
        <table>
            <caption class="sr-only">All planned batches</caption>
            <thead>
                <tr>
                    <th>Batch</th>
                    <th>What</th>
                    <th>On</th>
                    <th class="num">Changeover</th>
                    <th>Starts</th>
                    <th>Ends</th>
                    <th>Due</th>
                    <th>Kept in</th>
                </tr>
            </thead>
            <tbody>
                @foreach (collect($timetable->placed)->sortBy(fn($p) => $p->changeoverStart) as $placed)
                    @php $b = $board->batches()[$placed->batch->id]; @endphp
                    <tr>
                        <td class="font-semibold"><a
                                href="{{ route('plan.why', $b->code) }}">{{ $b->code }}</a>{{ $b->queued->fixedAt
                                    ? ' fixed' : '' }}
                        </td>
                        <td>{{ $b->design->name }}, {{ $b->left }} × {{ $b->setup->garment }}</td>
                        <td>{{ $placed->machine }}</td>
                        <td class="num">{{ App\Shop\Figure::words($placed->changeoverS / 60, 1) }} min</td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ App\Foundation\Clock\ShopClock::words($at($placed->start())) }}</td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($b->order->blanksShort > 0)
                                <span class="now">when {{ $b->order->blanksShort }}
                                    {{ $b->order->blanksShort === 1 ? 'blank comes' : 'blanks come' }}</span>
                            @else
                                {{ App\Foundation\Clock\ShopClock::words($at($placed->end())) }}
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($placed->lateS() > 0)
                                <span class="now">{{ App\Foundation\Clock\ShopClock::words($b->order->dueAt) }},
                                    late</span>@else{{ App\Foundation\Clock\ShopClock::words($b->order->dueAt) }}
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums"><x-odds :of="$odds->batches[$b->code] ?? null"
                            /></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div>
            <dl class="facts">
                <dt>Changeover, all machines</dt>
                <dd>{{ App\Shop\Figure::words($timetable->totals->changeoverMin, 0) }} min</dd>
                <dt>Driver, frame, thread changes</dt>
                <dd>{{ $timetable->totals->driverChanges }}, {{ $timetable->totals->frameChanges }},
                    {{ $timetable->totals->threadChanges }}</dd>
                <dt>Late batches</dt>
                <dd>{{ $timetable->totals->lateBatches }}</dd>
                <dt>Promises kept, on average</dt>
                <dd>{{ App\Shop\Figure::words($odds->keptOnAverage(), 1) }} of {{ count($odds->batches) }}</dd>
                <dt>Hands, of what is shown</dt>
                <dd>{{ $chart->hands->words() }}</dd>
            </dl>
            <form method="post" action="{{ route('plan.due') }}" class="my-3">@csrf<input type="hidden"
                    name="version" value="{{ $version }}"><button class="btn" data-key="u">Plan anew by due
                    time <kbd>u</kbd></button></form>
            <x-because about="How times are worked out">Before each batch comes its changeover: loading and tracing, or
                a look where the same design goes on in the same frame, and whatever frame, driver, threads and needles
                differ from what stands there. Loads are sewn one by one by the run time of the artwork at its speed;
                with two sets of frames the next is hooped meanwhile. Nothing is split over a break or a night. The
                minutes are house rules under <a href="/shop#load_min">Shop</a>.</x-because>
            <x-because about="How odds are worked out">The plan is replayed {{ $odds->runs }} times as it stands, with
                times that spread, thread breaks and spoiled pieces by chance. {{ $oddsFrom }} The figures are house
                rules under <a href="/shop#spread_sewing_percent">Shop</a>.</x-because>
            @if ($board->unplanned() !== [] || $timetable->unplaced !== [])
                <h2 class="mb-1 mt-4">On no machine</h2>
                <ul>
                    @foreach ($board->unplanned() as $b)
                        <li class="border-b border-hair py-1">{{ $b->code }} {{ $b->design->name }}: no machine
                            can take it; look at its setup.</li>
                    @endforeach
                    @foreach ($timetable->unplaced as $u)
                        <li class="border-b border-hair py-1">{{ $u->batch }}: {{ $u->reason }}.</li>
                    @endforeach
                </ul>
            @endif
        </div>
    </div>
</div>
