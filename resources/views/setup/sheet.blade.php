@php
    $artwork = $decoration->artwork;
    $colours = $artwork->blocks->map(static fn ($b) => $b->thread->hex ?? '-')->implode(',');
    $mm = static fn (float $v) => number_format($v, 1);
    $say = static fn (string $about) => $advice->because[$about];
@endphp
<div id="sheet" class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
    <div>
        @if ($fit === null)
            <p class="note note-now">The shop has no frame for the driver this needs.</p>
        @else
            @include('setup.drawing')
            <p class="mt-2 text-sm">{{ $fit->because() }} Slack to the window: left {{ $mm($fit->leftMm) }}, right {{ $mm($fit->rightMm) }}, top {{ $mm($fit->topMm) }}, bottom {{ $mm($fit->bottomMm) }} mm.</p>
        @endif
        <h2 class="mb-1 mt-5">Frames, best first</h2>
        <table>
            <thead><tr><th>Frame</th><th>Fits</th><th class="num">Clear, mm</th><th>Way up</th><th>To change</th><th><span class="sr-only">Look at it</span></th></tr></thead>
            <tbody>
            @foreach ($ranked as $one)
                <tr @class(['font-semibold' => $fit?->frame->id === $one->fit->frame->id])>
                    <td>{{ $one->fit->frame->id }} <span class="text-sm font-normal text-soft">{{ $one->fit->frame->kind->value }}, {{ $one->fit->frame->count }} here</span></td>
                    <td>{!! $one->fit->fits() ? 'yes' : '<span class="now">no</span>' !!}</td>
                    <td class="num">{{ $mm($one->fit->clearMm) }}</td>
                    <td class="tabular-nums">{{ $one->fit->turn->value }}°</td>
                    <td>{{ $one->change->label() }}</td>
                    <td class="num"><button type="button" class="btn btn-small" hx-get="{{ route('setup.show', [$decoration, 'frame' => $one->fit->frame->id]) }}" hx-target="#sheet" aria-label="Look at frame {{ $one->fit->frame->id }}">Look</button></td>
                </tr>
            @endforeach
            </tbody>
        </table>
        @if ($mounted)<p class="mt-1 text-sm text-soft">Changes are counted from {{ $mounted->code }} {{ $mounted->name }}, which stands with {{ $mounted->frame?->code ?? 'no frame' }} on the {{ $mounted->driver }} driver.</p>@endif
        @if (count($sizes->rows) > 1)
            <h2 class="mb-1 mt-6">Over the sizes</h2>
            @if ($sizes->differs())<p class="note note-now mb-2">Not every size may go in the same way. {{ $sizes->common() === [] ? 'Set the sizes up apart.' : 'All of them may be turned '.$sizes->common()[0]->value.'°: decide it for the whole batch.' }}</p>@endif
            <table>
                <thead><tr><th>Size</th><th class="num">Pieces</th><th class="num">Neck leaves, mm</th><th>Way up</th><th class="num">Down, mm</th><th class="num">Across, mm</th></tr></thead>
                <tbody>@foreach ($sizes->rows as $row)<tr @class(['font-semibold' => $sizes->differs() && $row->turns[0] !== $sizes->rows[count($sizes->rows) - 1]->turns[0]])><td>{{ $row->size->value }}</td><td class="num">{{ $row->pieces }}</td><td class="num">{{ $row->travelMm === null ? '' : number_format($row->travelMm) }}</td><td class="tabular-nums">{{ implode(', else ', array_map(static fn ($turn) => $turn->value.'°', $row->turns)) }}</td><td class="num">{{ number_format($row->place->downMm) }}</td><td class="num">{{ number_format($row->place->acrossMm) }}</td></tr>@endforeach</tbody>
            </table>
            <x-because about="How this was worked out">Neck first a design may be as wide as the neck opening laid flat less the sewing arm; wider ones go in waist first and are turned. Openings, arm and how much lower the place goes with each size are <a href="/shop#arm_width_mm">house rules</a>.</x-because>
        @endif
    </div>
    <div>
        @foreach ([...array_filter($advice->warnings, static fn ($one) => $one->stops), ...array_filter($shown->warnings, static fn ($one) => ! $one->stops)] as $warning)<p class="note {{ $warning->stops ? 'note-now' : 'note-care' }} mb-3" role="alert">{{ $warning->text }}</p>@endforeach
        <dl>
            @foreach ([
                ['driver', 'Driver', implode(', else ', array_map(static fn ($d) => $d->value, $advice->drivers)) ?: 'none here'],
                ['turn', 'Way up', implode(', else ', array_map(static fn ($t) => $t->value.'°', $advice->turns))],
                ['backing', 'Backing', $advice->backing->words()],
                ['topper', 'Topper', $advice->topper ? 'film on top' : 'none'],
                ['thread', 'Thread', $advice->threadWeight.' weight'],
                ['needle', 'Needle', $advice->needle->size.' '.$advice->needle->point],
                ['speed', 'Speed', $advice->speedSpm.' stitches a minute'],
                ['place', 'Place', ($advice->place->downMm < 0 ? number_format(-$advice->place->downMm).' mm up' : number_format($advice->place->downMm).' mm down').($advice->place->acrossMm == 0 ? '' : ', '.number_format($advice->place->acrossMm).' mm across')],
            ] as [$about, $label, $value])
                <div class="flex items-baseline gap-4 border-b border-hair py-2">
                    <dt class="w-20 shrink-0 text-sm text-soft">{{ $label }}</dt>
                    <dd><span class="text-lg font-semibold">{{ $value }}</span><br><span class="text-sm">@if ($about === 'place'){{ ucfirst($advice->place->from) }}. @endif{{ $say($about)->text }}</span>
                        @foreach (array_filter($advice->otherSchools, static fn ($other) => $other->about === $about) as $other)<br><span class="text-sm text-soft">Another school: {{ $other->text }} <a href="/shop#schools">Schools</a></span>@endforeach</dd>
                </div>
            @endforeach
        </dl>
        @if ($capVersion)<p class="note note-now mt-3 text-sm">There is a version of it made for caps: <a href="{{ route('artwork.show', $capVersion) }}">{{ $capVersion->name }}</a>. Choose it in <a href="{{ route('orders.show', $order) }}">the order</a>.</p>@endif
        @if ($sewOuts->isEmpty())
            <p class="note note-now mt-3 text-sm"><strong>No sew-out of this artwork has come out on {{ $decoration->line->fabricLabel() }} or its like.</strong> Sew it once on scrap before the first garment, and <a href="{{ route('artwork.history', $artwork) }}#sewouts">write down how it came out</a>.</p>
        @else
            <p class="note mt-3 text-sm">It came out on {{ $sewOuts[0]->fabricLabel() }}, {{ $sewOuts[0]->sewn_at->format('j M') }}: {{ $sewOuts[0]->backingLabel() }}, {{ $sewOuts[0]->needle }}, {{ $sewOuts[0]->speed_spm }} spm, by {{ $sewOuts[0]->who }}. <a href="{{ route('artwork.history', $artwork) }}#sewouts">The log</a></p>
        @endif
        @if ($frame)
            <p class="mt-2 text-sm">Cut the backing at least {{ number_format($cut->widthMm) }} × {{ number_format($cut->heightMm) }} mm, so that it reaches beyond the frame on every side.</p>
        @endif
        <h2 class="mb-1 mt-5">Steps</h2>
        <ol class="list-decimal pl-6 text-sm">@foreach ($shown->steps as $step)<li class="border-b border-hair py-1">{{ $step->text }}</li>@endforeach</ol>
        <div class="note note-care mt-3 text-sm">@foreach ($shown->cautions as $caution)<p class="py-0.5">{{ $caution->text }}</p>@endforeach<p class="py-0.5">The machine’s manual, local codes and trained people decide.</p></div>
        @if ($fit !== null)
        <form method="post" action="{{ route('setup.store', $decoration) }}" class="mt-4">
            @csrf
            <input type="hidden" name="frame" value="{{ $fit->frame->id }}">
            <fieldset class="mb-3">
                <legend class="text-sm text-soft">Which way up, as chosen</legend>
                <div class="flex gap-2">
                    @foreach (Hakama\Stitch\Turn::cases() as $turn)
                        <label class="btn btn-small {{ $turn === $fit->turn ? 'btn-main' : '' }} mb-0" @style(['color: #fff' => $turn === $fit->turn, 'color: #2b3a67' => $turn !== $fit->turn])><input type="radio" name="turn" value="{{ $turn->value }}" @checked($turn === $fit->turn) class="mr-1" hx-get="{{ route('setup.show', [$decoration, 'frame' => $fit->frame->id, 'turn' => $turn->value]) }}" hx-target="#sheet">{{ $turn->value }}°</label>
                    @endforeach
                </div>
            </fieldset>
            @if ($advice->isAgainst($fit) || $errors->has('reason'))
                <label for="reason">This goes against the advice. Why?</label>
                <input id="reason" name="reason" value="{{ old('reason', $decoration->setup?->override_reason) }}" maxlength="200" @error('reason') aria-invalid="true" aria-describedby="wrong-reason" @enderror>
                <x-wrong field="reason" />
            @endif
            <x-wrong field="frame" />
            <button class="btn btn-main mt-3" data-key="s">Set it up in {{ $fit->frame->id }} <kbd>s</kbd></button>
        </form>
        @endif
    </div>
</div>
