@php
    $rows = $sheet->sizes->rows;
    $tabs = array_filter([
        'steps' => [__('setup.sheet.steps'), 'e'],
        'frames' => [__('setup.sheet.frames'), 'f'],
        'sizes' => count($rows) > 1 ? [__('setup.sheet.sizes'), 'z'] : null,
        'machines' => [__('setup.sheet.machines'), 'a'],
        'practice' => [__('setup.sheet.practice'), 'r'],
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
                'size' => $sheet->row->size->label(),
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
        <div class="flex flex-wrap items-center gap-2" role="group" aria-label="{{ __('setup.sheet.machines') }}">
            <span class="text-sm text-soft">{{ __('setup.sheet.on') }}</span>
            @foreach ($sheet->on->machines as $one)
                @php $to = $at(['machine' => $one->machine->code]); @endphp
                <a class="btn btn-small" href="{{ $to }}" data-hx-get="{{ $to }}" data-hx-target="#sheet"
                    aria-current="{{ $sheet->on->onMachine === $one->machine->code ? 'true' : 'false' }}">{{ $one->machine->code }}<span
                        class="sr-only"> {{ $one->machine->name }}</span>{{ $one->verdict === 'stop'
                            ? ' ✕' : '' }}</a>
            @endforeach
            <a class="btn btn-small" href="{{ $at(['machine' => 'any']) }}" data-hx-get="{{ $at(['machine' => 'any']) }}"
                data-hx-target="#sheet"
                aria-current="{{ $sheet->on->onMachine === null ? 'true' : 'false' }}">{{ __('setup.sheet.any') }}</a>
        </div>
    @if (count($rows) > 1)
        <div class="flex flex-wrap items-center gap-2" role="group"
            aria-label="{{ __('setup.sheet.sizes_in_this_run') }}">
            <span class="text-sm text-soft">{{ __('setup.sheet.size') }}</span>
            @foreach ($rows as $i => $row)
                @php $to = $at(['size' => $row->size->value]); @endphp
                <a class="btn btn-small" href="{{ $to }}" aria-current="{{ $row === $sheet->row ? 'true' : 'false' }}"
                    data-hx-get="{{ $to }}" data-hx-target="#sheet"
                    @if ($i === $here + 1) data-key="n" data-does="{{ __('setup.sheet.next_size') }}" @elseif ($i === $here - 1)
                        data-key="p"
                            data-does="{{ __('setup.sheet.previous_size') }}" @endif>{{ $row->size->label() }}<span
                        class="sr-only">{{ __('setup.sheet.pieces', ['pieces' => $row->pieces]) }}</span>
                    @if ($row->turns()[0] !== $rows[count($rows) - 1]->turns()[0])
                        <span class="text-sm">{{ $row->turns()[0]->value }}°</span>
                        @endif @if ($i === $here + 1)
                            <kbd>n</kbd>
                        @elseif ($i === $here - 1)
                            <kbd>p</kbd>
                        @endif
                </a>
            @endforeach
            @if ($sheet->sizes->differs())
                <span class="now text-sm">{{ __('setup.sheet.not_every_size_can_be_loaded') }}</span>
            @endif
            @if ($sheet->sizes->framesDiffer())
                <span class="now text-sm">{{ __('setup.sheet.the_best_frame_differs_by_size') }}</span>
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
                        class="text-sm text-soft">{{ __('setup.sheet.on_the', ['panel' => $advice->marked->shape->panel->label(), 'value' => count($rows) > 1
                                ? __('setup.sheet.size_2', ['value' => $sheet->row->size->value]) : '']) }}
                        </figcaption>
                    </figure>
                    @if ($sheet->tube)
                        <figure>@include('setup.draw.tube')<figcaption
                            class="text-sm text-soft">{{ __('setup.sheet.along_the_tube_measured_from_the', [
                            'end' => $sheet->tube->end,
                        ]) }}</figcaption>
                        </figure>
                    @elseif ($fit)
                        <figure>@include('setup.draw.garment', ['turned' => true])<figcaption
                            class="text-sm text-soft">{{ __('setup.sheet.as_you_see_it_at_the', ['value' => $fit->turn->value ? __('setup.sheet.turned_never_mirrored', [
                                'value' => $fit->turn->value,
                            ])
                                    : '']) }}
                            </figcaption>
                        </figure>
                    @endif
                </div>
            @endif
            @if ($sheet->measures() !== [])
                <p class="mt-2 text-sm text-soft" id="measures">
                    @foreach ($sheet->measures() as [$name, $wide, $from])
                        {{ $loop->first ? App\Foundation\Words\Words::capital($name) : $name }} {{ $units->said($wide) }}, {{ $from }}{{ $loop->last ? '.' : '; ' }}
                    @endforeach
                </p>
            @endif
            @if ($fit === null)
                <p class="note note-now mt-3">{{ __('setup.sheet.you_have_no_frame_for_the') }}</p>
            @else
                <div class="mt-3">@include('setup.draw.frame')</div>
                <p class="mt-2 text-sm">{{ __('setup.sheet.slack_in_the_window_left_right', [
                    'because' => $fit->because($units),
                    'left_mm' => $mm($fit->slack->leftMm),
                    'right_mm' => $mm($fit->slack->rightMm),
                    'top_mm' => $mm($fit->slack->topMm),
                    'bottom_mm' => $mm($fit->slack->bottomMm),
                    'units' => $units->label(),
                ]) }}
                    @if ($fit->frame->isOffCentre())
                        {{ __('setup.sheet.the_designs_centre_goes_the_machines', [
                            'seen_from' => $fit->fromMachineCentre()->seenFrom(new Hakama\Stitch\Point(0, 0)),
                            'value' => implode(', ', array_map($mm, $fit->cornersMm())),
                            'units' => $units->label(),
                        ]) }}
                        @endif @if ($frame->holes !== '' || $frame->label !== '')
                            <strong>{{ App\Foundation\Words\Words::capital(implode(', ', array_filter([$frame->holes === ''
                                ? '' : __('setup.sheet.holes', ['holes' => $frame->holes]), $frame->label === ''
                                ? '' : __('setup.sheet.select_on_the_machine', [
                                    'label' => $frame->label,
                                ])]))) }}.</strong>
                        @endif
                </p>
            @endif
            @if ($sheet->tube)
                <h2 class="mb-1 mt-5">
                    {{ __('setup.sheet.along_the_tube', ['value' => count($sheet->tube->hoopings->hoopings) === 1
                        ? __('setup.sheet.one_hooping') : __('setup.sheet.hoopings', [
                            'hoopings' => count($sheet->tube->hoopings->hoopings),
                        ])]) }}</h2>
                @if ($sheet->tube->hoopings->obstacle())
                    <p class="note note-now mb-2" role="alert">{{ $sheet->tube->hoopings->obstacle($units) }}</p>
                @endif
                <table>
                    <thead>
                        <tr>
                            <th class="num">{{ __('setup.sheet.hooping') }}</th>
                            <th>{{ __('setup.sheet.sewn_there') }}</th>
                            <th class="num">{{ __('setup.sheet.from', ['units' => $units->label()]) }}</th>
                            <th class="num">{{ __('setup.sheet.to', ['units' => $units->label()]) }}</th>
                            <th>{{ __('setup.sheet.template_mark') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($sheet->tube->hoopings->hoopings as $i => $hooping)
                            <tr>
                                <td class="num">{{ $i + 1 }}</td>
                                <td>{{ implode('; ', array_column($hooping->motifs, 'name')) }}</td>
                                <td class="num">{{ $units->field($hooping->fromMm) }}</td>
                                <td class="num">{{ $units->field($hooping->toMm) }}</td>
                                <td>{{ __('setup.sheet.from_the_on_the_outer_seam', [
                                    'length' => $units->length($hooping->markMm),
                                    'end' => $sheet->tube->end,
                                ]) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($sheet->decoration->setup?->parts)
                    <p class="mt-1 text-sm">{{ __('setup.sheet.one_file_each_mark_at_zero') }}
                        @foreach ($sheet->decoration->setup->parts as $i => $part)
                            <a
                                href="{{ route('setup.hooping.tape', [$sheet->decoration, $i + 1]) }}">{{ __('setup.sheet.hooping_2', [
                                'i' => $i + 1,
                            ]) }}</a>{{ $loop->last ? '.' : ', ' }}
                        @endforeach
                    </p>
                @endif
                <x-because :about="__('setup.sheet.how_its_calculated')"><x-said
                    key="setup.sheet.the_fewest_hoopings_of_that_keep" :with="['reach_mm' => $units->said($sheet->tube->hoopings->reachMm), 'end' => $sheet->tube->end, 'value' => $sheet->tube->gaps === []
                            ? '' : ': ' . implode('; ', $sheet->tube->gaps)]"><x-slot:link><a
                        href="/shop#tube_reach_mm">{{ __('setup.sheet.house_rules') }}</a></x-slot:link></x-said></x-because>
            @endif
        </div>
        <div>
            @foreach ($patch as $obstacle)
                <p class="note note-caution mb-3">{{ $obstacle }}</p>
            @endforeach
            @if ($moved)
                <p class="note note-now mb-3" role="alert">{{ __('setup.sheet.this_sheet_was_printed_for_the', [
                    'moved' => $moved,
                ]) }}</p>
            @endif
            @foreach ($sheet->warnings() as $warning)
                @if ($loop->index === 2)
                    <details class="mb-3"><summary class="text-sm">{{ __('setup.sheet.and_more_warnings', [
                        'count' => $loop->count - 2,
                    ]) }}</summary>
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
                <p class="note note-caution mb-2 text-sm"
                    data-ask="{{ $ask->fact }}"><strong>{{ __('setup.sheet.missing_facts') }}</strong>
                    {{ $ask->why }}</p>
            @endforeach
            @foreach ($decoration->setup->departures ?? [] as $one)
                <p class="note note-caution mb-3 text-sm"><x-said key="setup.sheet.instead_of" :with="[
                    'about' => __('setup.topic.'.$one['about']),
                    'chosen' => App\Foundation\Words\KeptText::said($one['chosen']),
                    'advised' => App\Foundation\Words\KeptText::said($one['advised']),
                    'why' => $one['why'],
                ]">
                    <x-slot:strong><strong>{{ __('setup.sheet.differs_from_the_advice') }}</strong></x-slot:strong></x-said></p>
            @endforeach
            @if ($capVersion)
                <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                    class="note note-now mb-3 flex items-baseline gap-3 text-sm">@csrf @method('put')
                    <input type="hidden" name="artwork_id" value="{{ $capVersion->id }}">
                    <span class="flex-1"><x-said key="setup.sheet.there_is_a_cap_version"><x-slot:link><a
                            href="{{ route('artwork.show', $capVersion) }}">{{ $capVersion->name }}</a></x-slot:link></x-said></span>
                    <button type="submit" class="btn btn-small">{{ __('setup.sheet.use_the_cap_version') }}</button>
                </form>
            @endif
            @if ($choice !== null)
                <form method="post" action="{{ route('setup.store', $decoration) }}"><input type="hidden"
                        name="seen" value="{{ App\Foundation\StateHash::of($decoration->setup?->decided()) }}">
                    @csrf
                    <input type="hidden" name="frame" value="{{ $fit->frame->id }}">
                    <fieldset class="mb-3">
                        <legend class="text-sm text-soft">{{ __('setup.sheet.which_end_goes_to_the_machine') }}</legend>
                        <div class="flex flex-wrap gap-2">
                            @foreach ($sheet->ends() as $end)
                                <label class="btn btn-small {{ $end->turn === $fit->turn ? 'btn-main' : '' }} mb-0"
                                    @style(['color: #fff' => $end->turn === $fit->turn,
                                        'color: #2b3a67' => $end->turn !== $fit->turn])><input type="radio" name="turn"
                                        value="{{ $end->turn->value }}" @checked($end->turn === $fit->turn) class="me-1"
                                        data-hx-get="{{ $at(['turn' => $end->turn->value]) }}"
                                        data-hx-target="#sheet">{{ $end->endWords() }}</label>
                            @endforeach
                        </div>
                    </fieldset>
                    <details class="mb-3 border border-hair p-3"
                        @if ($wrongs !== [] || array_intersect(['backing', 'topper', 'needle', 'speed'],
                            array_keys($departs)) !== []) open @endif>
                        <summary data-key="w"
                            data-does="{{ __('setup.sheet.override_the_advice') }}">{{ __('setup.sheet.override_the_advice') }} <kbd>w</kbd></summary>
                        <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
                            <div><label for="c-backing">{{ __('setup.sheet.backing') }}</label><select id="c-backing"
                                name="backing">
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
                                <div class="w-20"><label for="c-layers">{{ __('setup.sheet.layers') }}</label><input
                                    type="text" id="c-layers"
                                        name="layers" inputmode="numeric"
                                        value="{{ old('layers', $choice->backing->count) }}" class="num"></div>
                                <input type="hidden" name="adhesive" value="0"><label
                                    class="mb-2 flex items-center gap-2"><input type="checkbox" name="adhesive"
                                        value="1" @checked(old('adhesive', $choice->backing->adhesive))> {{ __('setup.sheet.one_lightly_stuck') }}</label><x-wrong
                                    field="layers" />
                            </div>
                            <div><label for="c-needle">{{ __('setup.sheet.needle') }}</label><select id="c-needle"
                                name="needle_size">
                                    @foreach (Hakama\Machine\NeedleType::SIZES as $size)
                                        <option @selected(old('needle_size', $choice->needle->size) === $size)>{{ $size }}</option>
                                    @endforeach
                                </select>
                            </div>
                            <div><label for="c-point">{{ __('setup.sheet.point') }}</label><select id="c-point"
                                name="needle_point">
                                    @foreach (Hakama\Machine\NeedleType::POINTS as $point)
                                        <option value="{{ $point }}" @selected(old('needle_point', $choice->needle->point) === $point)>{{ __('needles.point.'.$point) }}</option>
                                    @endforeach
                                </select></div>
                            <div><label for="c-speed">{{ __('setup.sheet.speed_spm') }}</label><input type="text"
                                id="c-speed"
                                    name="speed" inputmode="numeric"
                                    value="{{ old('speed', $choice->speedSpm) }}" class="num"
                                    @error('speed') aria-invalid="true" aria-describedby="wrong-speed"
                                        @enderror><x-wrong
                                    field="speed" /></div>
                            <div><input type="hidden" name="topper" value="0"><label
                                    class="mt-6 flex items-center gap-2"><input type="checkbox" name="topper"
                                        value="1" @checked(old('topper', $choice->topper))> {{ __('setup.sheet.film_on_top') }}</label></div>
                        </div>
                        <p class="mt-2 text-sm text-soft">{{ __('setup.sheet.every_override_needs_a_reason_it') }}</p>
                        @php
                            $otherwise = [
                                'backing' => __('setup.sheet.backing'),
                                'topper' => __('setup.sheet.film'),
                                'needle' => __('setup.sheet.needle'),
                                'speed' => __('setup.sheet.speed'),
                            ];
                        @endphp
                        @foreach ($otherwise as $about => $label)
                            <div class="mt-1"><label for="why-{{ $about }}">{{ __('setup.sheet.reason_for_another', [
                                'label' => $label,
                            ]) }}</label><input type="text" id="why-{{ $about }}"
                                    name="why[{{ $about }}]"
                                    value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}"
                                        maxlength="200"
                                    @error("why.{$about}") aria-invalid="true"
                                        aria-describedby="wrong-why-{{ $about }}" @enderror><x-wrong
                                    :field="'why.' . $about" /></div>
                        @endforeach
                    </details>
                    @foreach (['frame' => __('setup.sheet.frame'), 'driver' => __('setup.sheet.driver'), 'turn' => __('setup.sheet.the_end')] as $about => $label)
                        @if (isset($departs[$about]) || in_array($about, $wrongs, true))
                            <label for="why-{{ $about }}">{{ __('setup.sheet.differs_from_the_advice_why', [
                                'label' => $label,
                            ]) }}</label>
                            <input type="text" id="why-{{ $about }}" name="why[{{ $about }}]"
                                value="{{ old("why.{$about}", $sheet->chosen->whys[$about] ?? '') }}" maxlength="200"
                                @error("why.{$about}") aria-invalid="true" aria-describedby="wrong-why-{{ $about }}"
                                    @enderror>
                            <x-wrong :field="'why.' . $about" />
                        @endif
                    @endforeach
                    <x-wrong field="frame" />
                    <button type="submit" class="btn btn-main mt-3" data-key="s">{{ __('setup.sheet.set_up_in', [
                        'id' => $fit->frame->id,
                    ]) }}
                        <kbd>s</kbd></button>
                </form>
            @endif
            @include('setup.decisions')
            @include('setup.placement')
            @if ($sheet->face === null)
                <p class="mt-2 text-sm"><x-said key="setup.sheet.of_the_hooped_piece">
                    <x-slot:link><a
                        href="{{ route('setup.picture', $sheet->decoration) }}">{{ __('setup.sheet.measure_the_position_from_a_picture') }}</a></x-slot:link></x-said></p>
            @endif
        </div>
    </div>
    <nav class="tabs mt-7" aria-label="{{ __('setup.sheet.more_about_this_setup') }}">
        @foreach ($tabs as $key => [$name, $letter])
            <a href="{{ $at(['tab' => $key]) }}" data-hx-get="{{ $at(['tab' => $key]) }}" data-hx-target="#sheet"
                data-hx-push-url="true" data-key="{{ $letter }}" data-does="{{ $name }}"
                @if ($tab === $key) aria-current="page" @endif>{{ $name }} <kbd>{{ $letter }}</kbd></a>
        @endforeach
    </nav>
    <section class="mt-3"><h2 class="sr-only">{{ $tabs[$tab][0] }}</h2>@include("setup.tabs.{$tab}")</section>
</div>
