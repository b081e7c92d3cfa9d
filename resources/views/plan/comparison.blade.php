@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $saved = $comparison->now->totals->changeoverMin - $comparison->then->totals->changeoverMin;
    $threads = $comparison->now->totals->threadChanges - $comparison->then->totals->threadChanges;
    $open = $proposal->state === 'ready' && $comparison->moves() > 0;
    $inForce = $words === '' ? 'In force' : 'In force, then';
    $row = static fn(string $name, Hakama\Plan\Timetable $of, Hakama\Plan\Odds\Odds $odds) => [
        $name,
        ...(static fn(Hakama\Plan\Totals $t) => [
            App\Shop\Figure::words($t->cost, 1),
            $t->lateBatches,
            App\Shop\Figure::words($t->weightedLateMin),
            App\Shop\Figure::words($t->changeoverMin),
            $t->threadChanges,
            $t->frameChanges,
            $t->driverChanges,
        ])($of->totals),
        App\Shop\Figure::words($comparison->beyondS($of) / 60),
        App\Shop\Figure::words($odds->keptOnAverage(), 1),
    ];
@endphp
<div class="mb-5 grid grid-cols-1 items-start gap-8 lg:grid-cols-[minmax(0,2.4fr)_minmax(0,1fr)]">
    <table>
        <thead>
            <tr>
                <th>Plan</th>
                <th class="num">Cost</th>
                <th class="num">Late batches</th>
                <th class="num">Late, min</th>
                <th class="num">Changeover, min</th>
                <th class="num">Threads</th>
                <th class="num">Frames</th>
                <th class="num">Drivers</th>
                <th class="num" title="Minutes of hands that are wanted while everybody’s are full">Hands over, min
                </th>
                <th class="num" title="Promises kept on average, of {{ count($comparison->oddsThen->batches)
                    }}">Kept</th>
            </tr>
        </thead>
        <tbody>
            @php
                $rows = [
                    $row('In order of arrival', $comparison->booked, $comparison->oddsBooked),
                    $row($inForce, $comparison->now, $comparison->oddsNow),
                    $row('Proposed', $comparison->then, $comparison->oddsThen),
                ];
            @endphp
            @foreach ($rows as $cells)
                <tr @class(['font-semibold' => $loop->last])>
                    @foreach ($cells as $i => $cell)
                        <td @class(['num' => $i > 0, 'whitespace-nowrap' => $i === 0])>{{ $cell }}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    <div>
        <table class="mb-3">
            <caption class="mb-1 text-left text-sm text-soft">What the cost is made of</caption>
            <thead>
                <tr>
                    <th>Part</th>
                    <th class="num">{{ $inForce }}</th>
                    <th class="num">Proposed</th>
                </tr>
            </thead>
            <tbody>
                @php
                    $parts = [
                        'late' => 'Lateness',
                        'changeover' => 'Changeovers',
                        'flow' => 'Waiting',
                        'moved' => 'Prepared in vain',
                        'walks' => 'Walks to the shelf',
                        'beyond' => 'Hands that are not in',
                    ];
                @endphp
                @foreach ($parts as $part => $name)
                    @continue($part === 'beyond' && $comparison->now->workload->weights->beyond <= 0.0)
                    <tr>
                        <td>{{ $name }}</td>
                        <td class="num">{{ App\Shop\Figure::words($comparison->now->totals->parts()[$part], 1) }}</td>
                        <td class="num">{{ App\Shop\Figure::words($comparison->then->totals->parts()[$part], 1) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p><strong>{{ $saved >= 0 ? 'Saves ' . (int) round($saved) . ' min of changeover'
            : 'Takes ' . (int) round(-$saved) . ' min more of changeover' }}</strong>,
            {{ abs($threads) }} thread {{ abs($threads) === 1 ? 'change' : 'changes' }}
            {{ $threads >= 0 ? 'fewer' : 'more' }}.
            @if ($comparison->becomeLate() !== [])
                <span class="now">Late by it:
                    {{ implode(', ', array_map(static fn($b) => "{$b->code} for {$b->order->customer}",
                        $comparison->becomeLate())) }}.</span>
            @else
                Nobody becomes late by it.
            @endif
            @if ($comparison->movedThoughPrepared() !== [])
                Prepared, and moved all the same:
                {{ implode(', ', array_map(static fn(array $one) => "{$one[0]->code} from {$one[1]} to {$one[2]}",
                    $comparison->movedThoughPrepared())) }}.
            @endif
            @if ($comparison->areSaved() !== [])
                In time again: {{ implode(', ', array_map(static fn($b) => $b->code, $comparison->areSaved())) }}.
            @endif
        </p>
        <p class="mt-1 text-sm text-soft">
            @if ($proposal->isProven())
                Proven: no plan costs less.
            @else
                {{ App\Shop\Figure::words($proposal->done) }} steps looked, seed {{ $proposal->seed }}. No plan can
                    cost less than {{ App\Shop\Figure::words($proposal->bound ?? 0, 1) }}: at most
                {{ App\Shop\Figure::words($proposal->stillToSave()) }} of its
                {{ App\Shop\Figure::words($proposal->cost ?? 0) }} could still be saved, and it may be none.
            @endif
            @if ($version !== $proposal->version)
                The plan in force has changed since this was found; what has come since stays planned.
            @endif
        </p>
    </div>
</div>
@if ($comparison->messages() !== [])
    <section class="mb-5">
        <h2 class="mb-1">Who is to be told</h2>
        @foreach ($comparison->messages() as [$order, $text])
            <label for="tell-{{ $order->number }}">{{ $order->customer }}, no. {{ $order->number }}</label>
            <textarea id="tell-{{ $order->number }}" class="mb-2 w-full" rows="2" readonly>{{ $text }}</textarea>
        @endforeach
    </section>
@endif
@include('plan.chart', ['live' => false])
<form method="post" action="{{ route('plan.take', $proposal) }}" class="mt-4">@csrf<input type="hidden"
        name="version" value="{{ $version }}">
    <x-wrong field="codes" />
    <div class="relative overflow-x-auto">
        <table>
            <thead>
                <tr>
                    @if ($open)
                        <th>Take</th>
                    @endif
                    <th>
                        Batch</th>
                    <th>What</th>
                    <th>On</th>
                    <th>Ends</th>
                    <th>Due</th>
                    <th>Kept in</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($comparison->rows as [$batch, $before, $after, $moves])
                    <tr>
                        @if ($open)
                            <td>
                                @if ($moves)
                                    <label class="m-0 flex items-center"><input type="checkbox" name="codes[]"
                                            value="{{ $batch->code }}" checked><span class="sr-only">Take
                                            {{ $batch->code }}</span></label>
                                @endif
                            </td>
                        @endif
                        <td class="font-semibold">{{ $batch->code }}</td>
                        <td>{{ $batch->design->name }}, {{ $batch->left }} × {{ $batch->setup->garment }}</td>
                        <td class="whitespace-nowrap">
                            {{ $moves ? ($before === null ? 'nowhere' : $before->machine) . ' → '
                                : '' }}{{ $after->machine ?? 'nowhere' }}{{ $moves ? '' : ', stays' }}
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ $before && $after && $before->end() !== $after->end()
                                ? App\Foundation\Clock\ShopClock::words($at($before->end())) . ' → ' : '' }}{{ $after
                                ? App\Foundation\Clock\ShopClock::words($at($after->end())) : '' }}
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ App\Foundation\Clock\ShopClock::words($batch->order->dueAt) }}@if ($after && $after->lateS() > 0)
                                <span class="now">, late</span>
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @php [$was, $is] = [$comparison->oddsNow->batches[$batch->code]
                                ?? null, $comparison->oddsThen->batches[$batch->code] ?? null]; @endphp
                            {{ $was && $is && abs($was->kept - $is->kept) >= 0.01
                                ? App\Shop\Figure::odds($was->kept) . ' → ' : '' }}<x-odds
                                :of="$is" />
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($open)
        <div class="mt-4 flex flex-wrap gap-3">
            <button class="btn btn-main" name="whole" value="1" data-key="t">Take it whole
                <kbd>t</kbd></button>
            <button class="btn" data-key="a">Take what is ticked <kbd>a</kbd></button>
        </div>
    @endif
</form>
@if ($proposal->state === 'ready')
    <form method="post" action="{{ route('plan.leave', $proposal) }}" class="mt-3">@csrf @method('delete')<button
            class="btn" data-key="v">{{ $words === '' ? 'Leave it' : 'Throw it away' }} <kbd>v</kbd></button>
    </form>
@endif
