@php
    $decoration = $sheet->decoration;
    $artwork = $decoration->artwork;
    $advice = $sheet->row->advice;
    $fit = $sheet->chosen->choice?->fit;
    $choice = $sheet->chosen->choice;
    $frame = $sheet->chosen->frame;
    $picture = App\Setup\Drawing::picture($artwork);
    $mm = static fn(float $v) => App\Shop\Figure::words($v, 1);
    $say = static fn(string $about) => $advice->because(Hakama\Setup\Rules\About::from($about));
    $rows = $sheet->sizes->rows;
    $here = array_search($sheet->row, $rows, true);
    $at = static fn(array $changed = []) => route('setup.show', [
        $decoration,
        ...array_filter(
            [
                'frame' => $frame?->code,
                'turn' => $fit?->turn->value,
                'size' => $sheet->row->size->value,
                'machine' => $sheet->on->onMachine,
                ...$changed,
            ],
            static fn($v) => $v !== null,
        ),
    ]);
    $onCap = $sheet->row->facts->item->isOnCap();
    $wrongs = collect($errors->getMessages())
        ->keys()
        ->filter(static fn($key) => str_starts_with($key, 'why.'))
        ->map(static fn($key) => substr($key, 4))
        ->all();
    $departs = array_column($sheet->chosen->departures, null, 'about');
@endphp
<div id="sheet">
    @if (count($rows) > 1)
        <div class="mb-3 flex flex-wrap items-center gap-2" role="group" aria-label="Sizes of the run">
            <span class="text-sm text-soft">Size</span>
            @foreach ($rows as $i => $row)
                <button type="button" class="btn btn-small" aria-pressed="{{ $row === $sheet->row ? 'true' : 'false' }}"
                    hx-get="{{ $at(['size' => $row->size->value]) }}" hx-target="#sheet"
                    @if ($i === $here + 1) data-key="n" data-does="The next size" @elseif ($i === $here - 1) data-key="p" data-does="The size before" @endif>{{ $row->size->value }}<span
                        class="sr-only">, {{ $row->pieces }} pieces</span>
                    @if ($row->turns()[0] !== $rows[count($rows) - 1]->turns()[0])
                        <span class="text-sm">{{ $row->turns()[0]->value }}°</span>
                        @endif @if ($i === $here + 1)
                            <kbd>n</kbd>
                        @elseif ($i === $here - 1)
                            <kbd>p</kbd>
                        @endif
                </button>
            @endforeach
            @if ($sheet->sizes->differs())
                <span class="now text-sm">Not every size may go in the same way.</span>
            @endif
            @if ($sheet->sizes->framesDiffer())
                <span class="now text-sm">The best frame is not the same for all.</span>
            @endif
        </div>
    @endif
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <div>
            @if ($onCap && $sheet->face && $advice->marked)
                @include('setup.draw.cap')
            @elseif ($advice->marked)
                <div class="grid grid-cols-2 gap-3">
                    <figure>@include('setup.draw.garment', ['turned' => false])<figcaption class="text-sm text-soft">On the
                            {{ $advice->marked->shape->panel->label() }}{{ count($rows) > 1 ? ', size ' . $sheet->row->size->value : '' }}
                        </figcaption>
                    </figure>
                    @if ($sheet->tube)
                        <figure>@include('setup.draw.tube')<figcaption class="text-sm text-soft">Along the tube,
                                measured from the {{ $sheet->tube->end }}</figcaption>
                        </figure>
                    @elseif ($fit)
                        <figure>@include('setup.draw.garment', ['turned' => true])<figcaption class="text-sm text-soft">As you see it at the
                                machine{{ $fit->turn->value ? ', turned ' . $fit->turn->value . '°, never mirrored' : '' }}
                            </figcaption>
                        </figure>
                    @endif
                </div>
            @endif
            @if ($fit === null)
                <p class="note note-now mt-3">The shop has no frame for the driver this needs.</p>
            @else
                <div class="mt-3">@include('setup.draw.frame')</div>
                <p class="mt-2 text-sm">{{ $fit->because() }} Slack to the window: left {{ $mm($fit->slack->leftMm) }}, right
                    {{ $mm($fit->slack->rightMm) }}, top {{ $mm($fit->slack->topMm) }}, bottom {{ $mm($fit->slack->bottomMm) }} mm.
                    @if ($fit->frame->isOffCentre())
                        The middle of the design goes
                        {{ $fit->fromMachineCentre()->seenFrom(new Hakama\Stitch\Point(0, 0)) }} what the machine takes
                        for its centre; the corners are {{ implode(', ', array_map($mm, $fit->cornersMm())) }} mm away.
                        @endif @if ($frame->holes !== '' || $frame->label !== '')
                            <strong>{{ ucfirst(implode(', ', array_filter([$frame->holes === '' ? '' : "holes {$frame->holes}", $frame->label === '' ? '' : "pick “{$frame->label}” on the machine"]))) }}.</strong>
                        @endif
                </p>
            @endif
            @if ($sheet->tube)
                <h2 class="mb-1 mt-5">
                    {{ count($sheet->tube->hoopings->hoopings) === 1 ? 'One hooping' : count($sheet->tube->hoopings->hoopings) . ' hoopings' }}
                    along the tube</h2>
                @if ($sheet->tube->hoopings->obstacle())
                    <p class="note note-now mb-2" role="alert">{{ $sheet->tube->hoopings->obstacle() }}</p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th class="num">Hooping</th>
                            <th>Sewn there</th>
                            <th class="num">From, mm</th>
                            <th class="num">To, mm</th>
                            <th>Template mark</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($sheet->tube->hoopings->hoopings as $i => $hooping)
                            <tr>
                                <td class="num">{{ $i + 1 }}</td>
                                <td>{{ implode('; ', array_column($hooping->motifs, 'name')) }}</td>
                                <td class="num">{{ round($hooping->fromMm) }}</td>
                                <td class="num">{{ round($hooping->toMm) }}</td>
                                <td>{{ Hakama\Setup\Placement\Inches::beside($hooping->markMm) }} from the
                                    {{ $sheet->tube->end }}, on the outer seam or crease</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because about="How this was worked out">The fewest hoopings of
                    {{ round($sheet->tube->hoopings->reachMm) }} mm in which every motif is whole, swept from the
                    {{ $sheet->tube->end }}. Motifs are what is sewn without a gap; reach and gap are <a
                        href="/shop#tube_reach_mm">house rules</a>, and no frame reaches beyond its window less the
                    margin. Other artwork at the same place of this line is laid along it in its order.</x-because>
            @endif
            <h2 class="mb-1 mt-5">Frames, best first</h2>
            <table>
                <thead>
                    <tr>
                        <th>Frame</th>
                        <th>Fits</th>
                        <th class="num">Clear, mm</th>
                        <th>Way up</th>
                        <th>To change</th>
                        <th><span class="sr-only">Look at it</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($sheet->ranked() as $one)
                        <tr @class(['font-semibold' => $fit?->frame->id === $one->fit->frame->id])>
                            <td>{{ $one->fit->frame->id }} <span
                                    class="text-sm font-normal text-soft">{{ $one->fit->frame->kind->value }},
                                    {{ $one->fit->frame->count }} here</span></td>
                            <td>{!! $one->fits()
                                ? 'yes'
                                : ($one->goesIn
                                    ? '<span class="now">no</span>'
                                    : '<span class="now">does not go in</span>') !!}</td>
                            <td class="num">{{ $mm($one->fit->clearMm) }}</td>
                            <td class="tabular-nums">{{ $one->fit->turn->value }}°</td>
                            <td>{{ $one->change->label() }}</td>
                            <td class="num"><button type="button" class="btn btn-small"
                                    hx-get="{{ $at(['frame' => $one->fit->frame->id, 'turn' => null]) }}"
                                    hx-target="#sheet"
                                    aria-label="Look at frame {{ $one->fit->frame->id }}">Look</button></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($sheet->on->mounted)
                <p class="mt-1 text-sm text-soft">Changes are counted from {{ $sheet->on->mounted->code }}
                    {{ $sheet->on->mounted->name }}, which stands with {{ $sheet->on->mounted->frame?->code ?? 'no frame' }}
                    on the {{ $sheet->on->mounted->driver }} driver.</p>
            @endif
            @if (count($rows) > 1)
                <h2 class="mb-1 mt-6">Over the sizes</h2>
                @if ($sheet->sizes->differs())
                    <p class="note note-now mb-2">Not every size may go in the same way.
                        {{ $sheet->sizes->common() === [] ? 'Set the sizes up apart.' : 'All of them may be turned ' . $sheet->sizes->common()[0]->value . '°: decide it for the whole batch.' }}
                    </p>
                @endif
                @if ($sheet->sizes->framesDiffer())
                    <p class="note note-now mb-2">
                        {{ $sheet->sizes->commonFrames() === [] ? 'No frame does for all sizes: set them up apart.' : $sheet->sizes->commonFrames()[0] . ' does for all sizes.' }}
                    </p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th>Size</th>
                            <th class="num">Pieces</th>
                            <th class="num">Neck leaves, mm</th>
                            <th>Way up</th>
                            <th>Frames that do</th>
                            <th class="num">Down, mm</th>
                            <th class="num">Across, mm</th>
                            <th>Peg</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr @class([
                                'font-semibold' =>
                                    ($sheet->sizes->differs() &&
                                        $row->turns()[0] !== $rows[count($rows) - 1]->turns()[0]) ||
                                    $row->frames() === [],
                            ])>
                                <td>{{ $row->size->value }}</td>
                                <td class="num">{{ $row->pieces }}</td>
                                <td class="num">
                                    {{ $row->travelMm() === null ? '' : App\Shop\Figure::words($row->travelMm()) }}
                                </td>
                                <td class="tabular-nums">
                                    {{ implode(', else ', array_map(static fn($turn) => $turn->value . '°', $row->turns())) }}
                                </td>
                                <td>{!! $row->frames() === []
                                    ? '<span class="now">none</span>'
                                    : e(implode(', ', array_slice($row->frames(), 0, 3))) !!}</td>
                                <td class="num">{{ App\Shop\Figure::words($row->placement()->downMm) }}</td>
                                <td class="num">{{ App\Shop\Figure::words($row->placement()->acrossMm) }}</td>
                                <td>{{ $row->placement()->peg }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because about="How this was worked out">Neck first a design may be as wide as the neck opening laid
                    flat less the sewing arm; wider ones go in waist first and are turned. A frame has to lie in the
                    garment. Measures are those of <a href="{{ route('catalogue.show') }}">the catalogue</a>; arm and
                    how much lower the place goes with each size are <a href="/shop#arm_width_mm">house
                        rules</a>.</x-because>
            @endif
            <h2 class="mb-1 mt-6">On which machine</h2>
            <table>
                <thead>
                    <tr>
                        <th>Machine</th>
                        <th>Can it</th>
                        <th>To be minded there</th>
                        <th><span class="sr-only">Ask of it alone</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($sheet->on->machines as $one)
                        <tr @class(['font-semibold' => $sheet->on->onMachine === $one->machine->code])>
                            <td>{{ $one->machine->code }} {{ $one->machine->name }}</td>
                            <td>{!! $one->verdict === 'stop' ? '<span class="now">no</span>' : 'yes' !!}</td>
                            <td class="text-sm font-normal">
                                @foreach ($one->own as $warning)
                                    {{ $warning->text }}
                                @endforeach
                            </td>
                            <td class="num"><button type="button" class="btn btn-small"
                                    hx-get="{{ $at(['machine' => $sheet->on->onMachine === $one->machine->code ? null : $one->machine->code]) }}"
                                    hx-target="#sheet"
                                    aria-label="{{ $sheet->on->onMachine === $one->machine->code ? 'Ask of all machines again' : "Ask of {$one->machine->code} alone" }}">{{ $sheet->on->onMachine === $one->machine->code ? 'All' : 'Ask' }}</button>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <div>
            @foreach ($sheet->warnings() as $warning)
                <p class="note {{ $warning->stops ? 'note-now' : 'note-caution' }} mb-3" role="alert">
                    {{ $warning->text }}</p>
            @endforeach
            @foreach ($decoration->setup->departures ?? [] as $one)
                <p class="note note-caution mb-3 text-sm"><strong>Chosen against the advice.</strong>
                    {{ ucfirst($one['about']) }}: {{ $one['chosen'] }} instead of {{ $one['advised'] }}.
                    {{ $one['why'] }}</p>
            @endforeach
            <dl>
                @foreach ([['driver', 'Driver', implode(', else ', array_map(static fn($d) => $d->value, $advice->drivers)) ?: 'none here'], ['turn', 'Way up', implode(', else ', array_map(static fn($t) => $t->value . '°', $advice->turns))], ['backing', 'Backing', $advice->backing->words()], ['topper', 'Topper', $advice->topper ? 'film on top' : 'none'], ['thread', 'Thread', $advice->threadWeight . ' weight'], ['needle', 'Needle', $advice->needle->words()], ['speed', 'Speed', $advice->speedSpm . ' stitches a minute'], ['place', 'Place', ($advice->placement->downMm < 0 ? App\Shop\Figure::words(-$advice->placement->downMm) . ' mm up' : App\Shop\Figure::words($advice->placement->downMm) . ' mm down') . ($advice->placement->isCentred() ? '' : ', ' . App\Shop\Figure::words($advice->placement->acrossMm) . ' mm across')]] as [$about, $label, $value])
                    <div class="flex items-baseline gap-4 border-b border-hair py-2">
                        <dt class="w-20 shrink-0 text-sm text-soft">{{ $label }}</dt>
                        <dd><span class="text-lg font-semibold">{{ $value }}</span><br><span class="text-sm">
                                @if ($about === 'place')
                                    {{ ucfirst(implode('; ', $advice->placement->words())) }}.
                                @endif
                                {{ $say($about)->text }}{{ $say($about)->strength === Hakama\Setup\Rules\Strength::Must ? ' This one is firm.' : '' }}
                            </span>
                            @foreach (array_filter($advice->otherSchools(), static fn($other) => $other->about === $about) as $other)
                                <br><span class="text-sm text-soft">Another school: {{ $other->text }} <a
                                        href="/shop#schools">Schools</a></span>
                            @endforeach
                        </dd>
                    </div>
                @endforeach
            </dl>
            @include('setup.placement')
            @if ($capVersion)
                <p class="note note-now mt-3 text-sm">There is a version of it made for caps: <a
                        href="{{ route('artwork.show', $capVersion) }}">{{ $capVersion->name }}</a>. Choose it in <a
                        href="{{ route('orders.show', $order) }}">the order</a>.</p>
            @endif
            @if ($sewOuts->isEmpty())
                <p class="note note-now mt-3 text-sm"><strong>No sew-out of this artwork has come out on
                        {{ $decoration->line->fabricLabel() }} or its like.</strong> Sew it once on scrap before the
                    first garment, and <a href="{{ route('artwork.history', $artwork) }}#sewouts">write down how it
                        came out</a>.</p>
            @else
                <p class="note mt-3 text-sm">It came out on {{ $sewOuts[0]->fabricLabel() }},
                    {{ $sewOuts[0]->sewn_at->format('j M') }}: {{ $sewOuts[0]->backingLabel() }},
                    {{ $sewOuts[0]->needle }}, {{ $sewOuts[0]->speed_spm }} spm, by {{ $sewOuts[0]->who }}. <a
                        href="{{ route('artwork.history', $artwork) }}#sewouts">The log</a></p>
            @endif
            <p class="mt-2 text-sm">
                @if ($sheet->practice->isEmpty())
                    {{ ucfirst($decoration->line->fabricLabel()) }} is not in
                    <a href="{{ route('setup.practice') }}">the practice book</a>.
                @else
                    Practised on {{ $decoration->line->fabricLabel() }} or its like: @foreach ($sheet->practice->take(4) as $one)
                        {{ $one->who }}{{ $one->frame_kind === '' ? '' : " in {$one->frame_kind} frames" }},
                        {{ $one->came_out }} of {{ $one->came_out + $one->failed }} came
                        out{{ $one->on_scrap ? ' on scrap' : '' }}{{ $loop->last ? '.' : '; ' }}
                        @endforeach @if ($frame && !$sheet->practice->contains('frame_kind', $frame->kind->value))
                            <strong>Nobody has done it in a {{ $frame->kind->value }} frame yet.</strong>
                        @endif
                    @endif
            </p>
            <h2 class="mb-1 mt-5">Steps</h2>
            @foreach (collect($sheet->chosen->shown->steps)->groupBy(static fn($step) => $step->stage->value) as $stage => $steps)
                <h3 class="mt-2 text-sm font-semibold text-soft">{{ ucfirst($stage) }}</h3>
                <ol class="list-decimal pl-6 text-sm"
                    start="{{ 1 + array_search($steps[0], $sheet->chosen->shown->steps, true) }}">
                    @foreach ($steps as $step)
                        <li class="border-b border-hair py-1">{{ $step->text }}</li>
                    @endforeach
                </ol>
            @endforeach
            <div class="note note-caution mt-3 text-sm">
                @foreach ($sheet->chosen->shown->cautions as $caution)
                    <p class="py-0.5">{{ $caution->text }}</p>
                @endforeach
                <p class="py-0.5">
                    The machine’s manual, local codes and trained people decide.</p>
            </div>
            @if ($choice !== null)
                <form method="post" action="{{ route('setup.store', $decoration) }}" class="mt-4">
                    @csrf
                    <input type="hidden" name="frame" value="{{ $fit->frame->id }}">
                    <fieldset class="mb-3">
                        <legend class="text-sm text-soft">Which way up, as chosen</legend>
                        <div class="flex gap-2">
                            @foreach (Hakama\Stitch\Turn::cases() as $turn)
                                <label class="btn btn-small {{ $turn === $fit->turn ? 'btn-main' : '' }} mb-0"
                                    @style(['color: #fff' => $turn === $fit->turn, 'color: #2b3a67' => $turn !== $fit->turn])><input type="radio" name="turn"
                                        value="{{ $turn->value }}" @checked($turn === $fit->turn) class="mr-1"
                                        hx-get="{{ $at(['turn' => $turn->value]) }}"
                                        hx-target="#sheet">{{ $turn->value }}°</label>
                            @endforeach
                        </div>
                    </fieldset>
                    <details class="mb-3 border border-hair p-3" @if ($wrongs !== [] || array_intersect(['backing', 'topper', 'needle', 'speed'], array_keys($departs)) !== []) open @endif>
                        <summary data-key="w" data-does="Choose otherwise than advised">Choose otherwise than
                            advised <kbd>w</kbd></summary>
                        <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
                            <div><label for="c-backing">Backing</label><select id="c-backing" name="backing">
                                    @foreach (Hakama\Setup\Backing\Backing::cases() as $kind)
                                        <option value="{{ $kind->value }}" @selected(old('backing', $choice->backing->backing->value) === $kind->value)>
                                            {{ $kind->label() }}</option>
                                    @endforeach
                                </select>
                                <x-wrong field="backing" />
                            </div>
                            <div class="flex items-end gap-3">
                                <div class="w-20"><label for="c-layers">Layers</label><input id="c-layers"
                                        name="layers" inputmode="numeric"
                                        value="{{ old('layers', $choice->backing->count) }}" class="num"></div>
                                <input type="hidden" name="adhesive" value="0"><label
                                    class="mb-2 flex items-center gap-2"><input type="checkbox" name="adhesive"
                                        value="1" @checked(old('adhesive', $choice->backing->adhesive))> one lightly stuck</label><x-wrong
                                    field="layers" />
                            </div>
                            <div><label for="c-needle">Needle</label><select id="c-needle" name="needle_size">
                                    @foreach (Hakama\Machine\NeedleType::SIZES as $size)
                                        <option @selected(old('needle_size', $choice->needle->size) === $size)>{{ $size }}</option>
                                    @endforeach
                                </select>
                            </div>
                            <div><label for="c-point">Point</label><select id="c-point" name="needle_point">
                                    @foreach (Hakama\Machine\NeedleType::POINTS as $point)
                                        <option @selected(old('needle_point', $choice->needle->point) === $point)>{{ $point }}</option>
                                    @endforeach
                                </select></div>
                            <div><label for="c-speed">Speed, stitches a minute</label><input id="c-speed"
                                    name="speed" inputmode="numeric"
                                    value="{{ old('speed', $choice->speedSpm) }}" class="num"
                                    @error('speed') aria-invalid="true" aria-describedby="wrong-speed" @enderror><x-wrong
                                    field="speed" /></div>
                            <div><input type="hidden" name="topper" value="0"><label
                                    class="mt-6 flex items-center gap-2"><input type="checkbox" name="topper"
                                        value="1" @checked(old('topper', $choice->topper))> film on top</label></div>
                        </div>
                        <p class="mt-2 text-sm text-soft">Each thing that differs from the advice wants a reason; it is
                            kept and shown with the setup.</p>
                        @foreach (['backing' => 'Backing', 'topper' => 'Film', 'needle' => 'Needle', 'speed' => 'Speed'] as $about => $label)
                            <div class="mt-1"><label for="why-{{ $about }}">{{ $label }}
                                    otherwise, because</label><input id="why-{{ $about }}"
                                    name="why[{{ $about }}]"
                                    value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}" maxlength="200"
                                    @error("why.{$about}") aria-invalid="true" aria-describedby="wrong-why-{{ $about }}" @enderror><x-wrong
                                    :field="'why.' . $about" /></div>
                        @endforeach
                    </details>
                    @foreach (['frame' => 'Frame', 'driver' => 'Driver', 'turn' => 'Way up'] as $about => $label)
                        @if (isset($departs[$about]) || in_array($about, $wrongs, true))
                            <label for="why-{{ $about }}">{{ $label }}: this goes against the advice.
                                Why?</label>
                            <input id="why-{{ $about }}" name="why[{{ $about }}]"
                                value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}" maxlength="200"
                                @error("why.{$about}") aria-invalid="true" aria-describedby="wrong-why-{{ $about }}" @enderror>
                            <x-wrong :field="'why.' . $about" />
                        @endif
                    @endforeach
                    <x-wrong field="frame" />
                    <button class="btn btn-main mt-3" data-key="s">Set it up in {{ $fit->frame->id }}
                        <kbd>s</kbd></button>
                </form>
            @endif
        </div>
    </div>
</div>
