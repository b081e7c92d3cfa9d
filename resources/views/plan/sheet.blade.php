@php
    use App\Plan\DayCloth;
    $at = static fn (int $s) => App\Shop\ShopClock::time($s);
    $clip = static fn (string $text, float $width, float $em) => mb_strimwidth($text, 0, max(0, (int) floor($width / $em)), '…');
@endphp
<div id="plan" data-moves="{{ route('plan.moves') }}" data-version="{{ $version }}" data-day="{{ $cloth->dayOffset }}" data-token="{{ csrf_token() }}" data-focus="{{ $focus }}">
    @if ($problem)<p class="note note-now mb-3" role="alert">{{ $problem }}</p>@endif
    <div class="mb-3 flex items-center gap-3">
        @if ($cloth->dayOffset > 0)<a class="btn" href="{{ route('plan.show', ['day' => $cloth->dayOffset - 1]) }}" data-key="p">Day before <kbd>p</kbd></a>@endif
        <h1 class="text-lg">{{ $cloth->day->isToday() ? 'Today, ' : '' }}{{ $cloth->day->format('l j F') }}</h1>
        <a class="btn" href="{{ route('plan.show', ['day' => $cloth->dayOffset + 1]) }}" data-key="n">Day after <kbd>n</kbd></a>
        <form method="post" action="{{ route('plan.due') }}" class="ml-auto">@csrf<input type="hidden" name="version" value="{{ $version }}"><button class="btn" data-key="d">Plan anew by due time <kbd>d</kbd></button></form>
    </div>
    <svg viewBox="0 0 {{ DayCloth::WIDTH }} {{ $cloth->height() }}" class="w-full select-none" role="group" aria-label="Batches on their machines through the day" data-keynote="arrows|Go from batch to batch" style="touch-action: none">
        <defs>
            <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="7" height="7" fill="#fffdf8"/><path d="M0 0v7" stroke="#2b3a67" stroke-width="2"/></pattern>
            <pattern id="pause" width="8" height="8" patternUnits="userSpaceOnUse"><path d="M0 8L8 0" stroke="#d8d0c0" stroke-width="1"/></pattern>
        </defs>
        @for ($t = (int) ceil($cloth->fromS / 3600) * 3600; $t <= $cloth->toS; $t += 3600)
            <path d="M{{ $cloth->x($t) }} 22V{{ $cloth->height() }}" stroke="#d8d0c0"/>
            <text x="{{ $cloth->x($t) }}" y="16" font-size="13" text-anchor="{{ $t === $cloth->toS ? 'end' : 'middle' }}">{{ $at($t)->format('H:i') }}</text>
        @endfor
        @foreach ($cloth->lanes as $machine => $folds)
            @php $y = DayCloth::TOP + $loop->index * DayCloth::LANE; $bandY = $y + 16; $bandH = 66; @endphp
            <g data-lane="{{ $machine }}">
                <rect x="0" y="{{ $y }}" width="{{ DayCloth::WIDTH }}" height="{{ DayCloth::LANE - 6 }}" fill="#fffdf8" fill-opacity=".65"/>
                <rect x="{{ $cloth->x($cloth->breakFromS) }}" y="{{ $y }}" width="{{ $cloth->x($cloth->breakToS) - $cloth->x($cloth->breakFromS) }}" height="{{ DayCloth::LANE - 6 }}" fill="url(#pause)"/>
                <path d="M0 {{ $y + DayCloth::LANE - 6 }}H{{ DayCloth::WIDTH }}" stroke="#1d2433" stroke-width=".8"/>
                <text x="4" y="{{ $y + 40 }}" font-size="19" font-weight="700" font-family="Bricolage">{{ $machine }}</text>
                <text x="4" y="{{ $y + 58 }}" font-size="13">{{ $board->machines()->firstWhere('code', $machine)->name }}</text>
                <text x="4" y="{{ $y + 74 }}" font-size="12" fill="#565b68">{{ $board->machines()->firstWhere('code', $machine)->needles }} ndl, {{ $board->machines()->firstWhere('code', $machine)->heads }} hd</text>
                @foreach ($folds as $fold)
                    @php
                        $late = $fold->placed->lateS() > 0;
                        $b = $fold->batch;
                        $w = $fold->endX - $fold->setupX;
                        $room = $fold->endX - max($fold->startX, $fold->setupX);
                        $words = sprintf('%s, %s, %d pieces for %s. Set-up %s, first load %s, ends %s, due %s.%s', $b->code, $b->artwork, $b->left, $b->customer, $at($fold->placed->setupStart)->format('D H:i'), $at($fold->placed->start())->format('H:i'), $at($fold->placed->end())->format('D H:i'), $b->dueAt->format('D H:i'), $late ? ' Late.' : '');
                    @endphp
                    <g class="fold" tabindex="0" role="group" aria-roledescription="batch" aria-disabled="{{ $b->started ? 'true' : 'false' }}" data-batch="{{ $b->code }}" data-machine="{{ $machine }}" data-place="{{ $fold->place }}" data-end="{{ $fold->placed->end() }}" aria-label="{{ $words }}" @unless ($b->started) data-keynote="shift + arrows|Move {{ $b->code }} earlier, later, or to another machine" @endunless>
                        <title>{{ $words }}</title>
                        @if ($fold->setupEndX > $fold->setupX)<rect x="{{ $fold->setupX }}" y="{{ $bandY }}" width="{{ $fold->setupEndX - $fold->setupX }}" height="{{ $bandH }}" fill="url(#hatch)"/>@endif
                        <rect x="{{ $fold->setupEndX }}" y="{{ $bandY }}" width="{{ max(0, $fold->endX - $fold->setupEndX) }}" height="{{ $bandH }}" fill="#eef0f6"/>
                        @foreach ($fold->loads as [$from, $to])<path d="M{{ round($from, 1) }} {{ $bandY }}V{{ $bandY + $bandH }}" stroke="#2b3a67" stroke-opacity="{{ count($fold->loads) > 12 ? '.28' : '.5' }}"/>@endforeach
                        @foreach ($b->colours as $k => $hex)<rect x="{{ round($fold->setupEndX + $k * max(0, $fold->endX - $fold->setupEndX) / count($b->colours), 1) }}" y="{{ $bandY + $bandH - 9 }}" width="{{ round(max(0, $fold->endX - $fold->setupEndX) / count($b->colours), 1) }}" height="9" fill="{{ $hex }}"/>@endforeach
                        <rect class="edge" x="{{ $fold->setupX }}" y="{{ $bandY }}" width="{{ max(2, $w) }}" height="{{ $bandH }}" fill="none" stroke="{{ $late ? '#c8481f' : '#2b3a67' }}" stroke-width="{{ $late ? 2.5 : 1 }}"/>
                        @if ($room > 30)
                            <text x="{{ $fold->endX - $room + 5 }}" y="{{ $bandY + 17 }}" font-size="14" font-weight="700" paint-order="stroke" stroke="#eef0f6" stroke-width="4">{{ $clip($b->code.($b->started ? ' running' : ''), $room - 6, 7.6) }}</text>
                            <text x="{{ $fold->endX - $room + 5 }}" y="{{ $bandY + 33 }}" font-size="12.5" paint-order="stroke" stroke="#eef0f6" stroke-width="4">{{ $clip($b->artwork, $room - 6, 6.6) }}</text>
                            <text x="{{ $fold->endX - $room + 5 }}" y="{{ $bandY + 48 }}" font-size="12.5" paint-order="stroke" stroke="#eef0f6" stroke-width="4">{{ $clip($b->left.' pcs, no. '.$b->orderNumber, $room - 6, 6.6) }}</text>
                        @endif
                        @if ($late)<path d="M{{ $fold->endX - 7 }} {{ $bandY - 10 }}h14l-7 9z" fill="#c8481f"/><text x="{{ min($fold->endX - 10, DayCloth::WIDTH) }}" y="{{ $bandY - 2 }}" font-size="12" font-weight="700" text-anchor="end" fill="#a83a16" style="fill: #a83a16">late</text>@endif
                    </g>
                @endforeach
            </g>
        @endforeach
        @if ($cloth->nowX !== null)<path d="M{{ $cloth->nowX }} 20V{{ $cloth->height() }}" stroke="#c8481f" stroke-width="2"/><text x="{{ $cloth->nowX }}" y="{{ $cloth->height() - 1 }}" font-size="12" text-anchor="middle" style="fill: #a83a16" font-weight="700">now</text>@endif
    </svg>
    <p class="my-3 text-sm text-soft">Striped: set-up. Each line in a band is a load. Drag a batch, or give it the focus and press <kbd class="ml-0">shift</kbd> with an arrow. What runs stays.</p>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
        <table>
            <caption class="sr-only">All planned batches</caption>
            <thead><tr><th>Batch</th><th>What</th><th>On</th><th class="num">Set-up</th><th>Starts</th><th>Ends</th><th>Due</th></tr></thead>
            <tbody>
            @foreach (collect($timetable->placed)->sortBy(fn ($p) => $p->setupStart) as $placed)
                @php $b = $board->batches()[$placed->batch->id]; @endphp
                <tr>
                    <td class="font-semibold">{{ $b->code }}</td>
                    <td>{{ $b->artwork }}, {{ $b->left }} × {{ $b->garment }}</td>
                    <td>{{ $placed->machine }}</td>
                    <td class="num">{{ number_format($placed->setupS / 60, 1) }} min</td>
                    <td class="whitespace-nowrap tabular-nums">{{ $at($placed->start())->format('D H:i') }}</td>
                    <td class="whitespace-nowrap tabular-nums">{{ $at($placed->end())->format('D H:i') }}</td>
                    <td class="whitespace-nowrap tabular-nums">@if ($placed->lateS() > 0)<span class="now">{{ $b->dueAt->format('D H:i') }}, late</span>@else{{ $b->dueAt->format('D H:i') }}@endif</td>
                </tr>
            @endforeach
            </tbody>
        </table>
        <div>
            <dl class="facts">
                <dt>Set-up, all machines</dt><dd>{{ number_format($timetable->totals->setupMin, 0) }} min</dd>
                <dt>Driver, frame, thread changes</dt><dd>{{ $timetable->totals->driverChanges }}, {{ $timetable->totals->frameChanges }}, {{ $timetable->totals->threadChanges }}</dd>
                <dt>Late batches</dt><dd>{{ $timetable->totals->lateBatches }}</dd>
            </dl>
            <x-because about="How times are worked out">Before each batch comes its set-up: loading and tracing, and whatever frame, driver and threads differ from what stands there. Loads are sewn one by one by the run time of the artwork at its speed; with two sets of frames the next is hooped meanwhile. Nothing is split over a break or a night. The minutes are house rules under <a href="/shop#load_min">Shop</a>.</x-because>
            @if ($board->unplanned() !== [] || $timetable->unplaced !== [])
                <h2 class="mb-1 mt-4">On no machine</h2>
                <ul>
                    @foreach ($board->unplanned() as $b)<li class="border-b border-hair py-1">{{ $b->code }} {{ $b->artwork }}: no machine can take it; look at its setup.</li>@endforeach
                    @foreach ($timetable->unplaced as $u)<li class="border-b border-hair py-1">{{ $u->batch }}: {{ $u->reason }}.</li>@endforeach
                </ul>
            @endif
        </div>
    </div>
</div>
