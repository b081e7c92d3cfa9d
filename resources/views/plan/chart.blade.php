@use('App\Foundation\Words\Dates')
@php
    /** The plan as a chart: wants $chart, $board, and $live where batches may be moved. */
    use App\Plan\Chart\ChartMeasures;
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $clip = static fn(string $text, float $width, float $em) => mb_strimwidth(
        $text,
        0,
        max(0, (int) floor($width / $em)),
        '…',
    );
    $n = static fn(float $v) => round($v, 1);
    // Two charts on a page have a pattern each.
    $pattern ??= $live ? '' : '-p';
@endphp
<svg viewBox="0 0 {{ ChartMeasures::WIDTH }} {{ $n($chart->height) }}" class="w-full select-none" role="group"
    aria-label="{{ $live ? __('plan.chart.batches_on_their_machines')
        : __('plan.chart.batches_as_proposed') }}, {{ $chart->axis->title() }}"
    @if ($live) data-keynote="{{ __('plan.chart.go') }}" style="touch-action: none" @endif>
    <defs @if ($live) data-keynote="{{ __('plan.chart.lift') }}" @endif>
        <pattern id="hatch{{ $pattern }}" width="7" height="7" patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)">
            <rect width="7" height="7" fill="#fffdf8" />
            <path d="M0 0v7" stroke="#2b3a67" stroke-width="2" />
        </pattern>
        <pattern id="pause{{ $pattern }}" width="8" height="8" patternUnits="userSpaceOnUse">
            <path d="M0 8L8 0" stroke="#d8d0c0" stroke-width="1" />
        </pattern>
    </defs>
    @foreach ($chart->axis->ticks() as [$x, $label, $day])
        <path d="M{{ $n($x) }} {{ $day ? 2 : 22 }}V{{ $n($chart->height) }}"
            stroke="{{ $day ? '#1d2433' : '#d8d0c0' }}" />
        @if ($chart->axis->zoom !== App\Plan\Chart\Zoom::Week || $day)
            <text x="{{ $n($day ? $x + 4 : min($x, ChartMeasures::WIDTH - 18)) }}" y="16" font-size="13"
                text-anchor="{{ $day ? 'start' : 'middle' }}"
                @if ($day) font-weight="700" @endif>{{ $label }}</text>
        @endif
    @endforeach
    @foreach ($chart->lanes as $machine => $lane)
        @php
            $y = $lane->top;
            $bandY = $y + ChartMeasures::BAND_AT;
            $bandH = ChartMeasures::BAND;
            $of = $board->machines()->firstWhere('code', $machine);
            $strandY = $bandY + $bandH + 6;
            $laneH = ChartMeasures::BAND_AT + $bandH + 6 + ChartMeasures::STRAND * $of->needles + 6;
        @endphp
        <g data-lane="{{ $machine }}">
            <rect x="0" y="{{ $n($y) }}" width="{{ ChartMeasures::WIDTH }}" height="{{ $n($laneH) }}"
                fill="#fffdf8" fill-opacity=".65" />
            @foreach ($lane->pauses as [$from, $to, $why])
                <rect x="{{ $n($from) }}" y="{{ $n($y) }}" width="{{ $n($to - $from) }}"
                    height="{{ $n($laneH) }}" fill="url(#pause{{ $pattern }})">
                    @if ($why !== '')
                        <title>{{ $machine }}, {{ $why }}</title>
                    @endif
                </rect>
                @if ($why !== '' && $to - $from > 40)
                    <text x="{{ $n(($from + $to) / 2) }}" y="{{ $n($y + 40) }}" font-size="12"
                        text-anchor="middle">{{ $clip($why, $to - $from, 6.4) }}</text>
                @endif
            @endforeach
            <path d="M0 {{ $n($y + $laneH) }}H{{ ChartMeasures::WIDTH }}" stroke="#1d2433" stroke-width=".8" />
            <text x="4" y="{{ $n($y + 38) }}" font-size="19" font-weight="700"
                font-family="Bricolage">{{ $machine }}</text>
            <text x="4" y="{{ $n($y + 56) }}" font-size="13">{{ $of->name }}</text>
            <text x="4" y="{{ $n($y + 72) }}" font-size="12" fill="#565b68">{{ __('plan.chart.needles_heads', [
                'needles' => $of->needles,
                'heads' => $of->heads,
            ]) }}</text>
            <text x="4" y="{{ $n($strandY + (ChartMeasures::STRAND * $of->needles) / 2 + 4) }}" font-size="12"
                fill="#565b68">{{ __('plan.chart.threads') }}</text>
            @if ($of->heads_out)
                <text x="4" y="{{ $n($y + 87) }}" font-size="12" fill="#a5330f">{{ __('plan.chart.heads_out', [
                    'count' => count($of->heads_out), 'heads' => $of->headsOut(),
                ]) }}</text>
            @endif
            <g class="strands">
                @foreach ($lane->strands as $strand)
                    @php $sy = $strandY + ChartMeasures::STRAND * ($strand->needle - 1); @endphp
                    @if ($strand->thread === null)
                        <path d="M{{ $n($strand->from) }} {{ $n($sy + 1.3) }}H{{ $n($strand->to) }}" stroke="#8c8577"
                            stroke-width=".5" stroke-dasharray="2 4" />
                    @else<rect x="{{ $n($strand->from) }}" y="{{ $n($sy) }}" width="{{ $n(max(0.5, $strand->to - $strand->from)) }}" height="{{ ChartMeasures::STRAND - 0.6 }}" fill="{{ $strand->colour ?? '#8c8577' }}" data-needle="{{ $strand->needle }}" data-thread="{{ $strand->thread }}"><title>{{ __('plan.chart.needle', [
                            'needle' => $strand->needle,
                            'thread' => $strand->thread,
                            'value' => $strand->until ? __('plan.chart.until', ['until' => $strand->until]) : '',
                        ]) }}</title></rect>
                    @endif
                    @if ($strand->until)
                        <path d="M{{ $n($strand->to) }} {{ $n($sy - 1) }}v{{ ChartMeasures::STRAND + 1.4 }}"
                            stroke="#c8481f" stroke-width="1.8" />
                    @endif
                @endforeach
            </g>
            @foreach ($lane->actual as $one)
                <g class="actual" data-batch="{{ $one->batch }}">
                    <rect x="{{ $n($one->from) }}" y="{{ $n($bandY - 7) }}" width="{{ $n($one->to - $one->from) }}"
                        height="5" fill="#4f7043" />
                    <title>{{ __('plan.chart.sewn_so_far_loads', [
                        'batch' => $one->batch,
                        'loads' => $one->loads,
                    ]) }}</title>
                </g>
                @if ($one->to - $one->from > 60)
                    <text x="{{ $n($one->from + 2) }}" y="{{ $n($bandY + 12) }}" font-size="11" fill="#3c5633"
                        style="fill: #3c5633">{{ $clip(__('plan.chart.bar_sewn', ['batch' => $one->batch, 'loads' => $one->loads]), $one->to - $one->from,
                            6) }}</text>
                @endif
            @endforeach
            @foreach ($lane->bars as $bar)
                @php
                    $late = $bar->placed->lateS() > 0;
                    $b = $bar->batch;
                    $w = $bar->edges->widthX();
                    $room = $bar->edges->endX - max($bar->edges->startX, $bar->edges->changeoverX);
                    $waits =
                        $bar->placed->batch->promise->readyAt >
                        $bar->placed->changeoverStart + $bar->placed->changeoverS;
                    $clock = App\Foundation\Clock\ShopClock::words(...);
                    $words = App\Foundation\Words\Words::say(Hakama\Words\Texts::sentences(...array_filter([
                        __('plan.chart.pieces_for_changeover_first_load_ends', [
                            'code' => $b->code,
                            'name' => $b->design->name,
                            'left' => $b->left,
                            'customer' => $b->order->customer,
                            'changeover_start' => $clock($at($bar->placed->changeoverStart)),
                            'start' => Dates::time($at($bar->placed->start())),
                            'end' => $clock($at($bar->placed->end())),
                            'due_at' => $clock($b->order->dueAt()),
                        ]),
                        $late ? __('plan.chart.is_late') : '',
                        $bar->odds
                            ? __('plan.chart.on_time', ['kept' => App\Shop\Figure::odds($bar->odds->kept)]) : '',
                        $waits && $b->waitsForMaterial()
                            ? __('plan.chart.waiting_for_material', ['what' => $b->awaited->what])
                            : ($waits ? __('plan.chart.waiting_for_blanks') : ''),
                        $b->blanksShort() > 0
                            ? __('plan.chart.blanks_short_the_rest_can_be', ['blanks_short' => $b->blanksShort()])
                            : '',
                        $bar->placed->wait?->words($b->batch->equipment->frame) ?? '',
                        $b->queued->fixedAt ? __('plan.chart.is_fixed') : '',
                        $bar->placed->changes->goesOn ? __('plan.chart.same_design_as_before') : '',
                    ])));
                @endphp
                <g class="bar"
                    @if ($live) tabindex="0" aria-roledescription="{{ __('plan.chart.batch') }}" aria-disabled="{{ $b->started
                        ? 'true' : 'false' }}" data-href="{{ route('plan.why', $b->code) }}" @endif
                    role="group" data-batch="{{ $b->code }}" data-machine="{{ $machine }}"
                    data-rank="{{ $bar->rank }}" data-end="{{ $bar->placed->end() }}">
                    <title>{{ $words }}</title>
                    @if ($bar->edges->changeoverEndX > $bar->edges->changeoverX)
                        <rect x="{{ $n($bar->edges->changeoverX) }}" y="{{ $n($bandY) }}"
                            width="{{ $n($bar->edges->changeoverEndX - $bar->edges->changeoverX) }}"
                            height="{{ $bandH }}" fill="url(#hatch{{ $pattern }})" />
                    @endif
                    @if ($bar->freeX !== null && $bar->edges->changeoverX - $bar->freeX > 2)
                        <path class="held"
                            d="M{{ $n($bar->freeX) }} {{ $n($bandY + $bandH / 2) }}H{{ $n($bar->edges->changeoverX) }}"
                            stroke="#8a5a0c" stroke-width="2"
                            stroke-dasharray="{{ $bar->placed->wait->isForPeople() ? '1 4' : '8 3' }}" />
                        @if ($bar->edges->changeoverX - $bar->freeX > 90)
                            <text x="{{ $n($bar->freeX + 4) }}" y="{{ $n($bandY + $bandH / 2 - 5) }}"
                                font-size="11.5">{{ $clip(
                                    App\Foundation\Words\Words::say($bar->placed->wait->label($b->batch->equipment->frame)),
                                    $bar->edges->changeoverX - $bar->freeX - 6, 6.2) }}</text>
                        @endif
                    @endif
                    @if ($waits)
                        <rect class="waits" x="{{ $n($bar->edges->changeoverEndX) }}"
                            y="{{ $n($bandY + $bandH / 2 - 3) }}"
                            width="{{ $n(max(0, $bar->edges->startX - $bar->edges->changeoverEndX)) }}" height="6"
                            fill="none" stroke="#8a5a0c" stroke-dasharray="4 3" />
                    @endif
                    <rect x="{{ $n($bar->edges->startX) }}" y="{{ $n($bandY) }}"
                        width="{{ $n(max(0, $bar->edges->endX - $bar->edges->startX)) }}" height="{{ $bandH }}"
                        fill="#eef0f6" />
                    <rect class="hooped" x="{{ $n($bar->edges->startX) }}" y="{{ $n($bandY) }}"
                        width="{{ $n(max(0, $bar->edges->hoopedX - $bar->edges->startX)) }}"
                        height="{{ $bandH }}" fill="#cdd3e6" />
                    @if ($bar->loads !== [])
                        <path class="creases" d="{{ $bar->creases($bandY, $bandH) }}" fill="none" stroke="#2b3a67"
                            stroke-opacity="{{ count($bar->loads) > 12 ? '.28' : '.5' }}" />
                    @endif
                    @foreach ($bar->edges->endX - $bar->edges->changeoverEndX >= 2 * count($b->design->colours()) ? $b->design->colours() : [] as $k => $hex)
                        <rect
                            x="{{ $n($bar->edges->changeoverEndX + ($k * max(0,
                                $bar->edges->endX - $bar->edges->changeoverEndX)) / count($b->design->colours())) }}"
                            y="{{ $n($bandY + $bandH - 8) }}"
                            width="{{ $n(max(0, $bar->edges->endX - $bar->edges->changeoverEndX) /
                                count($b->design->colours())) }}"
                            height="8" fill="{{ $hex }}" />
                    @endforeach
                    <rect class="edge" x="{{ $n($bar->edges->changeoverX) }}" y="{{ $n($bandY) }}"
                        width="{{ $n(max(2, $w)) }}" height="{{ $bandH }}" fill="none"
                        stroke="{{ $late ? '#c8481f' : '#2b3a67' }}" stroke-width="{{ $late ? 2.5 : 1 }}" />
                    @if ($bar->band && $bar->band[0] < ChartMeasures::WIDTH)
                        @php [$x50, $x80, $x95] = $bar->band; @endphp
                        <g class="odds">
                            <rect x="{{ $n($x50) }}" y="{{ $n($bandY + $bandH + 1.5) }}"
                                width="{{ $n(max(1, $x80 - $x50)) }}" height="3.5" fill="#2b3a67" />
                            <rect x="{{ $n($x80) }}" y="{{ $n($bandY + $bandH + 2.5) }}"
                                width="{{ $n(max(0, $x95 - $x80)) }}" height="1.5" fill="#2b3a67" />
                            <title>{{ __('plan.chart.n_50_chance_by_80_by_95', [
                                'code' => $b->code,
                                'end_p50' => App\Foundation\Clock\ShopClock::words($at($bar->odds->endP50)),
                                'end_p80' => App\Foundation\Clock\ShopClock::words($at($bar->odds->endP80)),
                                'end_p95' => App\Foundation\Clock\ShopClock::words($at($bar->odds->endP95)),
                            ]) }}</title>
                        </g>
                    @endif
                    @if ($room > 30)
                        <text x="{{ $n($bar->edges->endX - $room + 5) }}" y="{{ $n($bandY + 17) }}" font-size="14"
                            font-weight="700" paint-order="stroke" stroke="#eef0f6"
                            stroke-width="4">{{ $clip($b->started ? __('plan.chart.bar_running', ['code' => $b->code])
                                : ($b->queued->fixedAt ? __('plan.chart.bar_fixed', ['code' => $b->code]) : $b->code), $room - 6, 7.6) }}</text>
                        <text x="{{ $n($bar->edges->endX - $room + 5) }}" y="{{ $n($bandY + 33) }}"
                            font-size="12.5" paint-order="stroke" stroke="#eef0f6"
                            stroke-width="4">{{ $clip($b->design->name, $room - 6, 6.6) }}</text>
                        <text x="{{ $n($bar->edges->endX - $room + 5) }}" y="{{ $n($bandY + 48) }}"
                            font-size="12.5" paint-order="stroke" stroke="#eef0f6"
                            stroke-width="4">{{ $clip(__($b->blanksShort() > 0
                                ? 'plan.chart.bar_short' : 'plan.chart.bar_pieces', [
                                    'pieces' => $b->left,
                                    'short' => $b->blanksShort(),
                                    'frame' => $b->batch->equipment->frame,
                                    'number' => (string) $b->order->number,
                                ]), $room - 6, 6.6) }}</text>
                    @endif
                    @if ($late)
                        @php $mark = min($bar->edges->endX, ChartMeasures::WIDTH - 8); @endphp
                        <path d="M{{ $n($mark - 7) }} {{ $n($bandY - 10) }}h14l-7 9z" fill="#c8481f" /><text
                            x="{{ $n($mark - 10) }}" y="{{ $n($bandY - 2) }}" font-size="12" font-weight="700"
                            text-anchor="end" fill="#a83a16" style="fill: #a83a16">{{ __('plan.chart.late') }}</text>
                    @elseif ($bar->odds?->isInDanger)
                        <text x="{{ $n(min($bar->edges->endX, ChartMeasures::WIDTH - 8)) }}" y="{{ $n($bandY - 2) }}"
                            font-size="12" font-weight="700" text-anchor="end"
                            style="fill: #8a5a0c">{{ App\Shop\Figure::odds($bar->odds->kept) }}</text>
                    @endif
                </g>
            @endforeach
        </g>
    @endforeach
    @php $base = $chart->height - 12; @endphp
    <g class="hands" role="img" aria-label="{{ __('plan.chart.people_needed', ['hands' => $chart->hands->words()]) }}">
        <title>{{ __('plan.chart.people_needed', ['hands' => $chart->hands->words()]) }}</title>
        <text x="4" y="{{ $n($base - 12) }}" font-size="13">{{ __('plan.chart.people') }}</text>
        <path d="{{ $chart->hands->outline($base) }}" fill="#cdd3e6" />
        <path class="beyond" d="{{ $chart->hands->beyond($base) }}" fill="#c8481f" />
        @foreach ($chart->hands->people as $i => [$from, $to, $in, $machines])
            @php
                $line = $base - $in * $chart->hands->unit();
                $before = $chart->hands->people[$i - 1] ?? null;
            @endphp
            <path d="M{{ $n($from) }} {{ $n($line) }}H{{ $n($to) }}" stroke="#1d2433"
                stroke-dasharray="2 3" />
            @if (($before === null || $before[2] !== $in || $before[3] !== $machines) && $to - $from > 60)
                <text x="{{ $n($from + 3) }}" y="{{ $n($line - 3) }}" font-size="12" paint-order="stroke"
                    stroke="#f6f2e9"
                    stroke-width="4">{{ $clip($in === 0
                        ? __('plan.chart.nobody_there') : __('plan.chart.there_for_machines', [
                            'in' => $in,
                            'machines' => $machines,
                        ]), $to - $from, 6.2) }}</text>
            @endif
        @endforeach
        <path d="M{{ ChartMeasures::LEFT }} {{ $n($base) }}H{{ ChartMeasures::WIDTH }}" stroke="#1d2433"
            stroke-width=".8" />
    </g>
    @if ($live)
        <path id="caret" d="" stroke="#c8481f" stroke-width="4" />
    @endif
    @if ($chart->nowX !== null)
        <path d="M{{ $n($chart->nowX) }} 20V{{ $n($chart->height) }}" stroke="#c8481f" stroke-width="2" /><text
            x="{{ $n($chart->nowX) }}" y="{{ $n($chart->height - 1) }}" font-size="12" text-anchor="middle"
            style="fill: #a83a16" font-weight="700">{{ __('plan.chart.now') }}</text>
    @endif
</svg>
