@php
    $rows = $sheet->sizes->rows;
    $tabs = array_filter([
        'steps' => ['Steps', 'e'],
        'frames' => ['Frames', 'f'],
        'sizes' => count($rows) > 1 ? ['Sizes', 'z'] : null,
        'machines' => ['Machines', 'a'],
        'practice' => ['Practice', 'r'],
    ]);
    $tab = isset($tabs[$tab]) ? $tab : 'steps';
    $decoration = $sheet->decoration;
    $artwork = $decoration->artwork;
    $advice = $sheet->row->advice;
    $fit = $sheet->chosen->choice?->fit;
    $choice = $sheet->chosen->choice;
    $frame = $sheet->chosen->frame;
    $picture = App\Setup\SetupDrawing::picture($artwork);
    $mm = static fn(float $v) => $units->figure($v, 1);
    $here = array_search($sheet->row, $rows, true);
    $at = static fn(array $changed = []) => route('setup.show', [
        $decoration,
        ...array_filter(
            [
                'frame' => $frame?->code,
                'turn' => $fit?->turn->value,
                'size' => $sheet->row->size->value,
                'machine' => $sheet->on->asked,
                'tab' => $tab,
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
    <div class="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <div class="flex flex-wrap items-center gap-2" role="group" aria-label="Machines">
            <span class="text-sm text-soft">On</span>
            @foreach ($sheet->on->machines as $one)
                <button type="button" class="btn btn-small"
                    aria-pressed="{{ $sheet->on->onMachine === $one->machine->code ? 'true' : 'false' }}"
                    hx-get="{{ $at(['machine' => $one->machine->code]) }}"
                        hx-target="#sheet">{{ $one->machine->code }}<span
                        class="sr-only"> {{ $one->machine->name }}</span>{{ $one->verdict === 'stop'
                            ? ' ✕' : '' }}</button>
            @endforeach
            <button type="button" class="btn btn-small"
                aria-pressed="{{ $sheet->on->onMachine === null ? 'true' : 'false' }}"
                hx-get="{{ $at(['machine' => 'any']) }}" hx-target="#sheet">any</button>
        </div>
    @if (count($rows) > 1)
        <div class="flex flex-wrap items-center gap-2" role="group" aria-label="Sizes of the run">
            <span class="text-sm text-soft">Size</span>
            @foreach ($rows as $i => $row)
                <button type="button" class="btn btn-small" aria-pressed="{{ $row === $sheet->row ? 'true' : 'false' }}"
                    hx-get="{{ $at(['size' => $row->size->value]) }}" hx-target="#sheet"
                    @if ($i === $here + 1) data-key="n" data-does="The next size" @elseif ($i === $here - 1)
                        data-key="p" data-does="The size before" @endif>{{ $row->size->value }}<span
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
    </div>
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <div>
            @if ($onCap && $sheet->face && $advice->marked)
                @include('setup.draw.cap')
            @elseif ($advice->marked)
                <div class="grid grid-cols-2 gap-3">
                    <figure>@include('setup.draw.garment', ['turned' => false])<figcaption
                        class="text-sm text-soft">On the
                            {{ $advice->marked->shape->panel->label() }}{{ count($rows) > 1
                                ? ', size ' . $sheet->row->size->value : '' }}
                        </figcaption>
                    </figure>
                    @if ($sheet->tube)
                        <figure>@include('setup.draw.tube')<figcaption class="text-sm text-soft">Along the tube,
                                measured from the {{ $sheet->tube->end }}</figcaption>
                        </figure>
                    @elseif ($fit)
                        <figure>@include('setup.draw.garment', ['turned' => true])<figcaption
                            class="text-sm text-soft">As you see it at the
                                machine{{ $fit->turn->value ? ', turned ' . $fit->turn->value . '°, never mirrored'
                                    : '' }}
                            </figcaption>
                        </figure>
                    @endif
                </div>
            @endif
            @if ($sheet->measures() !== [])
                <p class="mt-2 text-sm text-soft" id="measures">
                    @foreach ($sheet->measures() as [$name, $wide, $from])
                        {{ $loop->first ? ucfirst($name) : $name }} {{ $units->said($wide) }}, {{ $from }}{{ $loop->last ? '.' : '; ' }}
                    @endforeach
                </p>
            @endif
            @if ($fit === null)
                <p class="note note-now mt-3">The shop has no frame for the driver this needs.</p>
            @else
                <div class="mt-3">@include('setup.draw.frame')</div>
                <p class="mt-2 text-sm">{{ $fit->because($units) }} Slack to the window: left
                    {{ $mm($fit->slack->leftMm) }}, right
                    {{ $mm($fit->slack->rightMm) }}, top {{ $mm($fit->slack->topMm) }}, bottom
                        {{ $mm($fit->slack->bottomMm) }} {{ $units->label() }}.
                    @if ($fit->frame->isOffCentre())
                        The middle of the design goes
                        {{ $fit->fromMachineCentre()->seenFrom(new Hakama\Stitch\Point(0, 0)) }} what the machine takes
                        for its centre; the corners are {{ implode(', ', array_map($mm, $fit->cornersMm())) }}
                            {{ $units->label() }} away.
                        @endif @if ($frame->holes !== '' || $frame->label !== '')
                            <strong>{{ ucfirst(implode(', ', array_filter([$frame->holes === ''
                                ? '' : "holes {$frame->holes}", $frame->label === ''
                                ? '' : "pick “{$frame->label}” on the machine"]))) }}.</strong>
                        @endif
                </p>
            @endif
            @if ($sheet->tube)
                <h2 class="mb-1 mt-5">
                    {{ count($sheet->tube->hoopings->hoopings) === 1
                        ? 'One hooping' : count($sheet->tube->hoopings->hoopings) . ' hoopings' }}
                    along the tube</h2>
                @if ($sheet->tube->hoopings->obstacle())
                    <p class="note note-now mb-2" role="alert">{{ $sheet->tube->hoopings->obstacle($units) }}</p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th class="num">Hooping</th>
                            <th>Sewn there</th>
                            <th class="num">From, {{ $units->label() }}</th>
                            <th class="num">To, {{ $units->label() }}</th>
                            <th>Template mark</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($sheet->tube->hoopings->hoopings as $i => $hooping)
                            <tr>
                                <td class="num">{{ $i + 1 }}</td>
                                <td>{{ implode('; ', array_column($hooping->motifs, 'name')) }}</td>
                                <td class="num">{{ $units->field($hooping->fromMm) }}</td>
                                <td class="num">{{ $units->field($hooping->toMm) }}</td>
                                <td>{{ $units->length($hooping->markMm) }} from the
                                    {{ $sheet->tube->end }}, on the outer seam or crease</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($sheet->decoration->setup?->parts)
                    <p class="mt-1 text-sm">One tape each, its mark at nought:
                        @foreach ($sheet->decoration->setup->parts as $i => $part)
                            <a href="{{ route('setup.hooping.tape', [$sheet->decoration, $i + 1]) }}">hooping
                                {{ $i + 1 }}</a>{{ $loop->last ? '.' : ', ' }}
                        @endforeach
                    </p>
                @endif
                <x-because about="How this was worked out">The fewest hoopings of
                    {{ $units->said($sheet->tube->hoopings->reachMm) }} in which every motif is whole, swept from the
                    {{ $sheet->tube->end }}. Motifs are what is sewn without a gap; reach and gap are <a
                        href="/shop#tube_reach_mm">house rules</a>, and no frame reaches beyond its window less the
                    margin. Other artwork at the same place of this line is laid along it in its order, or where a
                        place was kept for it{{ $sheet->tube->gaps === []
                            ? '' : ': ' . implode('; ', $sheet->tube->gaps) }}.</x-because>
            @endif
        </div>
        <div>
            @foreach ($patch as $obstacle)
                <p class="note note-caution mb-3">{{ $obstacle }}</p>
            @endforeach
            @if ($moved)
                <p class="note note-now mb-3" role="alert">The sheet of this batch was printed for {{ $moved }} before
                    it moved: what is to be done is no longer the same. Print it anew.</p>
            @endif
            @foreach ($sheet->warnings() as $warning)
                @if ($loop->index === 2)
                    <details class="mb-3"><summary class="text-sm">and {{ $loop->count - 2 }} more to be
                        minded</summary>
                @endif
                <p class="note {{ $warning->stops ? 'note-now' : 'note-caution' }} mb-2 text-sm" role="alert">
                    {{ $warning->text }}</p>
                @if ($loop->last && $loop->count > 2)
                    </details>
                @endif
            @endforeach
            @if ($sheet->advice->stops())
                @include('setup.cures')
            @endif
            @foreach ($sheet->asks() as $ask)
                <p class="note note-caution mb-2 text-sm" data-ask="{{ $ask->fact }}"><strong>Not known yet.</strong>
                    {{ $ask->why }}</p>
            @endforeach
            @foreach ($decoration->setup->departures ?? [] as $one)
                <p class="note note-caution mb-3 text-sm"><strong>Chosen against the advice.</strong>
                    {{ ucfirst($one['about']) }}: {{ $one['chosen'] }} instead of {{ $one['advised'] }}.
                    {{ $one['why'] }}</p>
            @endforeach
            @if ($capVersion)
                <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                    class="note note-now mb-3 flex items-baseline gap-3 text-sm">@csrf @method('put')
                    <input type="hidden" name="artwork_id" value="{{ $capVersion->id }}">
                    <span class="flex-1">There is a version of it made for caps: <a
                            href="{{ route('artwork.show', $capVersion) }}">{{ $capVersion->name }}</a>.</span>
                    <button class="btn btn-small">Take the cap version</button>
                </form>
            @endif
            @if ($choice !== null)
                <form method="post" action="{{ route('setup.store', $decoration) }}"><input type="hidden"
                        name="seen" value="{{ App\Foundation\StateHash::of($decoration->setup?->decided()) }}">
                    @csrf
                    <input type="hidden" name="frame" value="{{ $fit->frame->id }}">
                    <fieldset class="mb-3">
                        <legend class="text-sm text-soft">Which end goes to the machine</legend>
                        <div class="flex flex-wrap gap-2">
                            @foreach ($sheet->ends() as $end)
                                <label class="btn btn-small {{ $end->turn === $fit->turn ? 'btn-main' : '' }} mb-0"
                                    @style(['color: #fff' => $end->turn === $fit->turn,
                                        'color: #2b3a67' => $end->turn !== $fit->turn])><input type="radio" name="turn"
                                        value="{{ $end->turn->value }}" @checked($end->turn === $fit->turn) class="mr-1"
                                        hx-get="{{ $at(['turn' => $end->turn->value]) }}"
                                        hx-target="#sheet">{{ $end->endWords() }}</label>
                            @endforeach
                        </div>
                    </fieldset>
                    <details class="mb-3 border border-hair p-3"
                        @if ($wrongs !== [] || array_intersect(['backing', 'topper', 'needle', 'speed'],
                            array_keys($departs)) !== []) open @endif>
                        <summary data-key="w" data-does="Choose otherwise than advised">Choose otherwise than
                            advised <kbd>w</kbd></summary>
                        <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
                            <div><label for="c-backing">Backing</label><select id="c-backing" name="backing">
                                    @foreach (Hakama\Setup\Backing\Backing::cases() as $kind)
                                        <option value="{{ $kind->value }}"
                                            @selected(old('backing', $choice->backing->backing->value)
                                                === $kind->value)>
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
                                        value="1" @checked(old('adhesive', $choice->backing->adhesive))> one lightly
                                            stuck</label><x-wrong
                                    field="layers" />
                            </div>
                            <div><label for="c-needle">Needle</label><select id="c-needle" name="needle_size">
                                    @foreach (Hakama\Machine\NeedleType::SIZES as $size)
                                        <option @selected(old('needle_size', $choice->needle->size) === $size)>{{
                                            $size }}</option>
                                    @endforeach
                                </select>
                            </div>
                            <div><label for="c-point">Point</label><select id="c-point" name="needle_point">
                                    @foreach (Hakama\Machine\NeedleType::POINTS as $point)
                                        <option @selected(old('needle_point', $choice->needle->point) === $point)>{{
                                            $point }}</option>
                                    @endforeach
                                </select></div>
                            <div><label for="c-speed">Speed, stitches a minute</label><input id="c-speed"
                                    name="speed" inputmode="numeric"
                                    value="{{ old('speed', $choice->speedSpm) }}" class="num"
                                    @error('speed') aria-invalid="true" aria-describedby="wrong-speed"
                                        @enderror><x-wrong
                                    field="speed" /></div>
                            <div><input type="hidden" name="topper" value="0"><label
                                    class="mt-6 flex items-center gap-2"><input type="checkbox" name="topper"
                                        value="1" @checked(old('topper', $choice->topper))> film on top</label></div>
                        </div>
                        <p class="mt-2 text-sm text-soft">Each thing that differs from the advice wants a reason; it is
                            kept and shown with the setup.</p>
                        @php
                            $otherwise = [
                                'backing' => 'Backing',
                                'topper' => 'Film',
                                'needle' => 'Needle',
                                'speed' => 'Speed',
                            ];
                        @endphp
                        @foreach ($otherwise as $about => $label)
                            <div class="mt-1"><label for="why-{{ $about }}">{{ $label }}
                                    otherwise, because</label><input id="why-{{ $about }}"
                                    name="why[{{ $about }}]"
                                    value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}"
                                        maxlength="200"
                                    @error("why.{$about}") aria-invalid="true"
                                        aria-describedby="wrong-why-{{ $about }}" @enderror><x-wrong
                                    :field="'why.' . $about" /></div>
                        @endforeach
                    </details>
                    @foreach (['frame' => 'Frame', 'driver' => 'Driver', 'turn' => 'The end'] as $about => $label)
                        @if (isset($departs[$about]) || in_array($about, $wrongs, true))
                            <label for="why-{{ $about }}">{{ $label }}: this goes against the advice.
                                Why?</label>
                            <input id="why-{{ $about }}" name="why[{{ $about }}]"
                                value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}" maxlength="200"
                                @error("why.{$about}") aria-invalid="true" aria-describedby="wrong-why-{{ $about }}"
                                    @enderror>
                            <x-wrong :field="'why.' . $about" />
                        @endif
                    @endforeach
                    <x-wrong field="frame" />
                    <button class="btn btn-main mt-3" data-key="s">Set it up in {{ $fit->frame->id }}
                        <kbd>s</kbd></button>
                </form>
            @endif
            @include('setup.decisions')
            @include('setup.placement')
            @if ($sheet->face === null)
                <p class="mt-2 text-sm"><a href="{{ route('setup.picture', $sheet->decoration) }}">Measure the place
                        from a picture</a> of the hooped piece.</p>
            @endif
        </div>
    </div>
    <nav class="tabs mt-7" aria-label="More of this setup">
        @foreach ($tabs as $key => [$name, $letter])
            <a href="{{ $at(['tab' => $key]) }}" hx-get="{{ $at(['tab' => $key]) }}" hx-target="#sheet"
                hx-push-url="true" data-key="{{ $letter }}" data-does="{{ $name }}"
                @if ($tab === $key) aria-current="page" @endif>{{ $name }} <kbd>{{ $letter }}</kbd></a>
        @endforeach
    </nav>
    <section class="mt-3" aria-label="{{ $tabs[$tab][0] }}">@include("setup.tabs.{$tab}")</section>
</div>
