@use('App\Foundation\Words\Dates')
@php
    use Hakama\Floor\EventKind as K;
    use Hakama\Floor\Stage;
    $m = $station->machine;
    $running = $station->running;
    $run = $running?->run;
    $open = $running?->batch;
    $design = $running?->design();
    $sheet = $design?->stopSheet();
    $named = $running?->named();
    $stitches = $running?->stitches() ?? 0;
    $several = count($running->hoopings ?? []) > 1;
    $n = static fn(float $v) => App\Shop\Figure::words($v);
    $halts = [
        K::ThreadBroke->value => __('floor.station.thread_broke'),
        K::BobbinRanOut->value => __('floor.station.bobbin_ran_out'),
        K::Stopped->value => __('floor.station.stopped_by_hand'),
        K::HandStop->value => __('floor.station.needs_you'),
    ];
@endphp
<div id="station" data-url="{{ route('floor.show', $m) }}" data-pulse="{{ route('floor.pulse', $m) }}"
    data-sign="{{ $station->pulse->sign }}" data-events="{{ route('floor.events', $m) }}"
    data-stage="{{ $run->stage->value ?? '' }}" data-batch="{{ $open->code ?? '' }}"
    data-touches="{{ json_encode(App\Floor\Queries\Touches::table()) }}" data-worker="{{ App\Foundation\Http\BuiltAsset::address('sw.js') }}">
    <div id="kept" class="note note-caution mb-4 text-base" role="status" hidden>
        <p><strong id="kept-count"></strong> {{ __('floor.station.each_is_sent_once_with_its') }}</p>
        <ul id="kept-list" class="mt-2"></ul>
        <div id="kept-act" class="mt-3 grid grid-cols-2 gap-3"></div>
    </div>
    @if ($m->heads_out)
        <p class="note note-caution mb-4 text-base"><x-said key="floor.show.heads_out" :with="[
            'count' => count($m->heads_out), 'heads' => $m->headsOut(),
        ]"><x-slot:link><a href="{{ route('needles.care', $m) }}">{{ __('floor.show.heads', ['code' => $m->code]) }}</a></x-slot:link></x-said></p>
    @endif
    @if ($open === null)
        <p class="note">{{ __('floor.station.no_batch_for_plan_one_and', ['code' => $m->code]) }}</p>
    @else
        <div class="grid grid-cols-1 gap-6 md:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
            <section aria-label="{{ __('floor.station.what_to_do') }}" class="md:col-start-2 md:row-start-1">
                <x-wrong field="piece" />
                <x-wrong field="kind" />
                @if ($older !== [])
                    <p class="note note-now mb-3 text-base">{{ __('floor.station.older_file', ['names' => implode(', ', $older)]) }}</p>
                @endif
                @if ($run->stage === Stage::Preflight)
                    <form method="post" action="{{ route('floor.events', $m) }}" data-busy>
                        @csrf <input type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                            name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                            value="{{ K::PreflightDone->value }}">
                        <fieldset>
                            @php $keys = $running->work->keys(); @endphp
                            @if ($running->work->at(Hakama\Setup\Notes\WorkStage::Driver) !== [])
                                <legend class="font-head font-semibold now">{{ __('floor.station.change_driver_to', [
                                    'driver' => $m->driver,
                                    'value' => $running->setup->driver->value,
                                ]) }}</legend>
                                @foreach ($running->work->at(Hakama\Setup\Notes\WorkStage::Driver) as $step)
                                    <label class="check"><input type="checkbox" name="checked[]"
                                            value="{{ $step->code }}" @checked(in_array($step->code,
                                                old('checked', []), true))><span
                                            class="flex-1 text-base leading-snug">{{ $step->text }}</span></label>
                                @endforeach
                                <div class="mb-3 mt-2 flex items-center gap-3"><label for="driver_min"
                                        class="m-0 text-base">{{ __('floor.station.minutes_taken') }}</label><input
                                            type="text" id="driver_min"
                                        name="driver_min" inputmode="decimal" class="num !w-20"
                                        value="{{ old('driver_min') }}"
                                        @error('driver_min') aria-invalid="true" aria-describedby="wrong-driver_min"
                                            @enderror><span
                                        class="text-base text-soft">{{ __('floor.station.to_learn_this_machines_own_time') }}</span></div>
                                <x-wrong field="driver_min" />
                                <p class="font-head font-semibold">{{ __('floor.station.before_the_first_load') }}</p>
                            @else
                                <legend
                                    class="font-head font-semibold">{{ __('floor.station.before_the_first_load') }}</legend>
                            @endif
                            @include('floor.checks', ['steps' => $running->work->at(Hakama\Setup\Notes\WorkStage::Machine)])
                            @foreach (Hakama\Setup\Notes\WorkStage::beforeTheFirstLoad() as $stage)
                                @if (isset($keys[$stage->value]))
                                    <label class="check items-start py-2"><input type="checkbox" name="checked[]"
                                            value="{{ $stage->value }}" @checked(in_array($stage->value,
                                                old('checked', []), true))
                                            data-key="{{ $keys[$stage->value] }}"
                                            data-does="{{ $stage->label() }}"><span
                                            class="flex-1"><strong>{{ $stage->label() }}</strong><span
                                                class="block text-base leading-snug">
                                                @foreach ($running->work->at($stage) as $step)
                                                    {{ $step->text }}
                                                @endforeach
                                            </span></span><kbd>{{ $keys[$stage->value] }}</kbd></label>
                                @endif
                            @endforeach
                            @include('floor.checks', ['steps' => $running->work->at(Hakama\Setup\Notes\WorkStage::Preflight)])
                        </fieldset>
                        <div class="mt-3 flex items-center gap-3"><span
                            class="text-base text-soft">{{ __('floor.station.the_panel_shows_after_the_trace') }}</span><label for="origin_x" class="m-0 text-base">X</label><input type="text"
                                id="origin_x" name="origin_x" inputmode="decimal" class="num !w-24"
                                value="{{ old('origin_x') }}"
                                @error('origin_x') aria-invalid="true" aria-describedby="wrong-origin_x"
                                    @enderror><label
                                for="origin_y" class="m-0 text-base">Y</label><input type="text" id="origin_y"
                                    name="origin_y"
                                inputmode="decimal" class="num !w-24" value="{{ old('origin_y') }}"
                                @error('origin_y') aria-invalid="true" aria-describedby="wrong-origin_y" @enderror><span
                                class="text-base text-soft">mm</span></div>
                        <x-wrong field="origin_x" /><x-wrong field="origin_y" />
                        <div class="mt-3 flex items-center gap-3"><label for="who"
                            class="m-0 text-base">{{ __('floor.station.confirmed_by') }}</label><select id="who" name="who" class="flex-1"
                                @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror>
                                <option value="">{{ __('floor.station.choose') }}</option>
                                @foreach ($people as $name)
                                    <option value="{{ $name }}" @selected(old('who', $who) === $name)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                        </div>
                        <x-wrong field="who" />
                        <x-wrong field="checked" />
                        <button type="submit" class="btn btn-now mt-4 w-full"
                            data-key="g">{{ __('floor.station.all_checked') }} <kbd>g</kbd></button>
                    </form>
                @else
                    <div class="grid grid-cols-2 gap-3">
                        @php
                            $count = __('floor.station.these_pieces', ['count' => count($run->onFrame)]);
                            $looks = [
                                K::LoadStarted->value => ['btn-now col-span-2', 's'],
                                K::BobbinChanged->value => ['col-span-2', 'y'],
                                K::Sewn->value => ['btn-now col-span-2', 'e'],
                                K::ThreadBroke->value => ['', 'b'],
                                K::BobbinRanOut->value => ['', 'o'],
                                K::Stopped->value => ['col-span-2', 'x'],
                                K::Resumed->value => ['btn-now col-span-2', 'g'],
                                K::PieceDone->value => ['btn-now col-span-2', 'd'],
                            ];
                            $one = array_map(
                                static fn(array $touch): array => [
                                    $touch[0],
                                    match ($touch[0]) {
                                        K::LoadStarted => $named === null
                                            ? __('floor.station.start_load', [
                                                'number' => $run->load->number + 1,
                                            ]) : __('floor.station.name_read_start', ['text' => $named->text]),
                                        K::PieceDone => $running->isLastHooping()
                                            ? __('floor.station.done_count', [
                                                'count' => $count,
                                            ]) : __('floor.station.off_hooping_of_is_sewn', [
                                                'hooping' => $running->hooping(),
                                                'hoopings' => count($running->hoopings),
                                            ]),
                                        default => App\Floor\Queries\Touches::label($touch[0]),
                                    },
                                    ...$looks[$touch[0]->value],
                                ],
                                $run->stage->touches($m->paired_at === null),
                            );
                        @endphp
                        @if ($named !== null)
                            <div class="col-span-2 border-s-[6px] border-now bg-paper px-4 py-3" id="name">
                                <p class="text-base">{{ __('floor.station.check_the_spelling_on_the_piece', [
                                    'value' => $run->onFrame === [] ? __('floor.station.next') : __('floor.station.on_the_machine'),
                                    'label' => $named->label,
                                ]) }}</p>
                                <p
                                    class="spelling big break-words">{{ $named->text ?? __('floor.station.no_name') }}</p>
                                @if ($run->onFrame === [] && $named->refusal() !== null)
                                    <p class="now text-base">{{ $named->refusal() }} <a
                                            href="{{ route('orders.names', $open->decorationId) }}">{{ __('floor.station.the_names') }}</a></p>
                                @endif
                            </div>
                        @endif
                        @php $waits = $run->stage === Stage::Ready && $running->waitsForFirst(); @endphp
                        @if ($waits)
                            <div class="note note-now col-span-2 text-base" id="first-off">
                                <p><x-said key="floor.station.unhooped_by_somebody_else_the_next">
                                    <x-slot:strong><strong>{{ __('floor.station.inspect_the_first_piece') }}</strong></x-slot:strong>
                                    <x-slot:link><a
                                        href="{{ route('floor.finish') }}">{{ __('floor.station.finishing') }}</a></x-slot:link></x-said></p>
                                <form method="post" action="{{ route('floor.events', $m) }}"
                                    class="mt-2 flex items-end gap-2">@csrf<input type="hidden" name="id"
                                        value="{{ Str::uuid() }}"><input type="hidden" name="batch"
                                        value="{{ $open->code }}"><input type="hidden" name="kind"
                                        value="{{ K::LoadStarted->value }}">
                                    <div class="flex-1"><label for="override"
                                        class="text-base">{{ __('floor.station.go_on_anyway_because') }}</label><input type="text" id="override" name="override" maxlength="200"
                                            @error('override') aria-invalid="true" aria-describedby="wrong-override"
                                                @enderror>
                                    </div><button type="submit" class="btn">{{ __('floor.station.start') }}</button>
                                </form>
                                <x-wrong field="override" />
                            </div>
                        @endif
                        @foreach ($one as [$kind, $label, $class, $key])
                            @continue($waits && $kind === K::LoadStarted)
                            <form method="post" action="{{ route('floor.events', $m) }}"
                                class="{{ str_contains($class, 'col-span-2') ? 'col-span-2' : '' }}">@csrf<input
                                    type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                                    name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                                    value="{{ $kind->value }}">@if ($kind === K::LoadStarted && $named !== null)<input
                                    type="hidden" name="text" value="{{ $named->text }}">@endif<button type="submit"
                                    class="btn {{ str_replace('col-span-2', '', $class) }} w-full"
                                    data-key="{{ $key }}">{{ $label }}
                                    <kbd>{{ $key }}</kbd></button></form>
                        @endforeach
                    </div>
                    @if ($run->stage === Stage::Sewn && $running->isLastHooping())
                        <div class="mt-3 text-base leading-snug">
                            @foreach ([Hakama\Setup\Notes\WorkStage::Finish, Hakama\Setup\Notes\WorkStage::Inspect] as $stage)
                                <p class="mt-1"><strong>{{ $stage->label() }}:</strong>
                                    @foreach ($running->work->at($stage) as $step)
                                        {{ $step->text }}
                                    @endforeach
                                </p>
                            @endforeach
                            <p class="mt-1 text-soft">
                                {{ __('floor.station.done_confirms_it', [
                                    'value' => $who === '' ? '' : ' '.__('floor.station.for', ['who' => $who]),
                                ]) }}</p>
                        </div>
                    @endif
                    @if ($run->onFrame !== [])
                        <p
                            class="mt-3 text-base">{{ __('floor.station.on_the_machine_2') }} @foreach ($run->onFrame as $id)
                                <strong>{{ $running->pieces[$id]?->label() }}{{ $running->pieces[$id]?->text === null
                                    ? '' : ', ' . $running->pieces[$id]->text }}</strong>{{ $loop->last ? '' : ', ' }}
                            @endforeach
                        </p>
                        <form method="post" action="{{ route('floor.events', $m) }}" class="mt-2">@csrf<input
                                type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                                name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                                value="{{ K::PieceSpoiled->value }}">
                            <fieldset>
                                <legend class="text-base">{{ __('floor.station.spoiled_because') }}</legend>
                                @if (count($run->onFrame) > 1)
                                    <p
                                        class="text-base text-soft">{{ __('floor.station.touch_the_spoiled_ones_if_you') }}</p>
                                    <div class="mb-2 flex flex-wrap gap-x-4 gap-y-1 text-base">
                                        @foreach ($run->onFrame as $id)
                                            <label class="m-0 flex items-center gap-2 text-base"><input type="checkbox"
                                                    name="numbers[]" value="{{ $id }}" class="h-6 w-6">
                                                {{ $running->pieces[$id]?->label() }}</label>
                                        @endforeach
                                    </div>
                                @else<input type="hidden" name="piece" value="{{ $run->onFrame[0] }}">
                                @endif
                                <div class="grid grid-cols-2 gap-2">
                                    @foreach (Hakama\Floor\SpoilCause::cases() as $cause)
                                        <button type="submit" class="btn !min-h-[48px] !px-2 !text-base" name="cause"
                                            value="{{ $cause->value }}">{{ $cause->label() }}</button>
                                    @endforeach
                                </div>
                            </fieldset>
                            <x-wrong field="cause" />
                        </form>
                    @endif
                @endif
            </section>
            <section aria-label="{{ __('floor.station.running_now') }}" class="md:col-start-1 md:row-start-1">
                <div class="flex items-end gap-6">
                    <div>
                        <h1>{{ $open->design->name }}</h1>
                        <p>{{ $open->code }}, {{ $open->setup->garment }}, {{ $open->setup->position }}. <a
                                href="{{ route('floor.card', $open->code) }}" data-key="n"
                                data-does="{{ __('floor.station.needles_of_this_batch') }}">{{ __('floor.station.needle_card') }} <kbd>n</kbd></a></p>
                    </div>
                    <p class="ms-auto text-end"><span class="big">{{ $run->done }}<span class="text-xl"> /
                                {{ $run->pieces }}</span></span><br>{{ __('floor.station.pieces_done', [
                                    'value' => $run->spoiled > 0 ? __('floor.station.spoiled', [
                                        'spoiled' => $run->spoiled,
                                    ]) : '',
                                ]) }}@if ($open->copies > 1)
                            <span class="block text-base text-soft">{{ __('floor.station.per_frame_frames_to_go', [
                                'copies' => $open->copies,
                                'pieces' => $open->batch->pieces,
                            ]) }}</span>
                        @endif
                    </p>
                </div>
                @if ($several)
                    <p class="font-head font-semibold now" id="hooping">{{ __('floor.station.hooping_of', [
                        'hooping' => $running->hooping(),
                        'hoopings' => count($running->hoopings),
                    ]) }}@if (isset($running->setup->marks[$running->hooping() - 1])){{ __('floor.station.the_cross_at', [
                        'marks' => $running->setup->marks[$running->hooping() - 1],
                    ]) }}
                        @endif
                    </p>
                @endif
                <canvas id="sewing" class="weave mt-3 h-[248px] w-full border border-hair" role="img"
                    aria-label="{{ __('floor.station.the_design_filled_in_as_far') }}"
                    data-track="{{ $named?->sewn ? route('orders.names.track', [$open->decorationId, $named->sewn])
                        : ($several ? route('setup.hooping.track', [$open->decorationId, $running->hooping(),
                        'v' => substr($design->checksum, 0, 8)])
                            : route('artwork.track', [$open->design->id, 'v' => substr($open->design->checksum, 0,
                            8)])) }}"
                    data-colours="{{ json_encode($design->colours()) }}"
                    data-left="{{ $design->bounds->left }}" data-right="{{ $design->bounds->right }}"
                    data-bottom="{{ $design->bounds->bottom }}" data-top="{{ $design->bounds->top }}"
                    data-turn="{{ $open->setup->turnDeg }}" data-load="{{ $run->load->event }}"
                    data-sewn="{{ $run->stage === Stage::Sewn ? $design->stitches : $running->stitch }}"
                    data-of="{{ $design->stitches }}"></canvas>
                <noscript><img class="weave mt-3 block h-[248px] w-full border border-hair object-contain"
                        src="{{ route('artwork.drawing', [$open->design->id, 'v' => substr($open->design->checksum, 0, 8)]) }}"
                        alt="{{ $open->design->name }}"></noscript>
                @if (! in_array($running->setup?->driver, [null, Hakama\Machine\Driver::Cap], true))
                    <p class="text-base"><a href="{{ route('setup.picture', $open->decorationId) }}" data-key="i"
                            data-does="{{ __('floor.station.measure_the_position_from_a_picture') }}">{{ __('floor.station.measure_the_position_from_a_picture') }}
                            <kbd>i</kbd></a></p>
                @endif
                @if ($origin)
                    <p class="text-base" id="origin">{{ $origin->words() }}</p>
                @endif
                @if ($running->setup)
                    <p class="text-base" id="bobbin">{{ $station->bobbinWords() }}</p>
                    <p class="text-base" id="loading">{{ __('floor.station.towards_the_machine_as_pictured', [
                        'end_words' => App\Foundation\Words\Words::capital($running->setup->loading->endWords()),
                        'turn' => App\Setup\DecisionRow::turn($running->setup->turnToSet),
                    ]) }}</p>
                @endif
                @if ($station->care !== [])
                    <p class="text-base" id="care">{{ __('floor.station.before_this_batch') }}
                        @foreach (array_slice($station->care, 0, 3) as $one)
                            {{ App\Foundation\Words\Words::small($one->task->wanted($one->needle)) }}{{ $loop->last ? '' : '; ' }}
                        @endforeach
                        <x-said key="floor.station.care_of"><x-slot:link><a
                                    href="{{ route('needles.care', $m) }}">{{ __('common.needle_tabs.care_of', [
                                        'code' => $m->code,
                                    ]) }}</a></x-slot:link></x-said></p>
                @endif
                @if ($station->needlesToSet !== '')
                    <p class="text-base" id="program">{{ $station->needlesToSet }}</p>
                @endif
                <div class="mt-2 flex items-baseline gap-6 tabular-nums">
                    @if ($run->stage === Stage::Sewing)
                        <strong>{{ __('floor.station.sewing_load', ['number' => $run->load->number]) }}</strong>
                    @elseif ($run->stage === Stage::Halted)
                        <strong class="now">{{ $halts[$run->load->haltedBy?->value ?? ''] ?? __('floor.station.stopped') }}</strong>
                    @elseif ($run->stage === Stage::Sewn)
                        <strong>{{ __('floor.station.load_is_sewn_take_it_off', [
                            'number' => $run->load->number,
                        ]) }}</strong>
                    @elseif ($run->stage === Stage::Ready)
                        <strong>{{ __('floor.station.ready_for_load', ['number' => $run->load->number + 1]) }}</strong>
                    @else<strong>{{ __('floor.station.preflight') }}</strong>
                    @endif
                    <span class="ms-auto"><span
                            id="stitch">{{ $n($run->stage === Stage::Sewn ? $stitches : $running->stitch) }}</span>
                        {{ __('floor.station.of_stitches', ['stitches' => $n($stitches)]) }}</span>
                    <span
                        id="share">{{ $stitches ? intdiv(100 * ($run->stage === Stage::Sewn
                            ? $stitches : $running->stitch), $stitches) : 0 }}
                        %</span>
                </div>
                <h2 class="sr-only">{{ __('floor.station.steps') }}</h2>
                <ol id="steps" class="mt-2 flex flex-wrap gap-2 text-base">
                    @foreach ($sheet->steps as $step)
                        @php $needle = $m->needleWith($design->threads()[$step->block - 1])?->number; @endphp
                        <li class="floor-step" data-to="{{ $step->to }}"
                            @if ($run->load->event && $running->stitch >= $step->from - 1
                                && $running->stitch < $step->to) data-here @endif><x-swatch
                                :hex="$design->colours()[$step->block - 1]"
                                    />{{ $design->threads()[$step->block - 1] }}{{ $needle
                                        ? __('floor.station.needle', [
                                            'needle' => $needle,
                                        ]) : '' }}{{ in_array($step->role,
                                        [Hakama\Artwork\BlockRole::Sew, Hakama\Artwork\BlockRole::None], true)
                                            ? '' : ', ' . App\Foundation\Words\Words::say($step->role->label()) }}{{ $step->note === ''
                                            || $step->halts() ? '' : ': ' . $step->note }}
                        </li>
                        @if ($step->halts())
                            <li class="floor-step halt">{{ __('floor.station.stop', [
                                'step' => $step->words(),
                                'value' => $step->note === '' ? '' : ', ' . $step->note,
                            ]) }}</li>
                        @endif
                    @endforeach
                </ol>
                @if ($run->stage === Stage::Halted)
                    <p class="note note-now mt-2 text-base">{{ __('floor.station.stopped_at_stitch', [
                        'stitch' => $n($run->load->stitch),
                    ]) }}
                        @if ($break !== null)
                            {{ __('floor.station.block_rethread_step_back_stitches_past', ['block' => $break->step?->block, 'thread' => $break->thread, 'value' => $break->needle === null
                                ? '' : __('floor.station.needle', [
                                    'needle' => $break->needle,
                                ]), 'step_back' => $stepBack, 'value_2' => $n(max(0, $break->stitch - $stepBack))]) }}
                            @if ($break->breaks > 1)
                                {{ __('floor.station.break_at_needle_lately', [
                                    'breaks' => $break->breaks,
                                    'needle' => $break->needle,
                                ]) }}
                            @endif
                            @if ($break->look !== [])
                                <strong>{{ __('floor.station.check', [
                                    'value' => implode('; ', $break->look),
                                ]) }}</strong>
                            @endif
                        @elseif ($run->load->haltedBy === K::BobbinRanOut)
                            {{ __('floor.station.change_the_bobbin') }}
                        @elseif ($run->load->haltedBy === K::HandStop && ($step = $sheet->at($run->load->stitch)))
                            <x-said key="floor.station.then_go_on" :with="['value' => $step->note !== ''
                                ? ': ' . $step->note : '']">
                                    <x-slot:strong><strong>{{ App\Foundation\Words\Words::capital($step->acts === [] ? __('floor.station.look') : $step->words()) }}</strong></x-slot:strong></x-said>
                        @endif {{ __('floor.station.if_the_frame_was_moved_use') }}</p>
                @endif
                <h2 class="mt-4">{{ __('floor.station.to_hoop') }}</h2>
                <ul class="grid grid-cols-1 gap-x-6 text-base sm:grid-cols-2">
                    @php $nextToHoop = array_values(array_diff($running->waiting(), $run->hooped))[0] ?? null; @endphp
                    @foreach (array_slice($running->waiting(), 0, $running::SHOWN) as $id)
                        <li class="flex items-center gap-3 border-b border-hair py-1">
                            <span
                                class="flex-1">{{ $running->pieces[$id]?->label() }}@if ($running->pieces[$id]?->text !== null)
                                    <strong class="spelling">{{ $running->pieces[$id]->text }}</strong>
                                @endif <span
                                    class="text-soft">{{ __('floor.station.in_frame', [
                                        'frame' => $open->batch->equipment->frame,
                                    ]) }}</span>
                                @if ($where = $running->placements[$running->pieces[$id]?->size ?? ''] ?? '')
                                    <span class="block leading-snug">{{ $where }}</span>
                                @endif
                            </span>
                            @if (in_array($id, $run->hooped, true))
                                <strong>{{ __('floor.station.hooped') }}</strong>
                            @else
                                <form method="post" action="{{ route('floor.events', $m) }}">@csrf<input
                                        type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                                        name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                                        value="{{ K::PieceHooped->value }}"><input type="hidden" name="piece"
                                        value="{{ $id }}"><button type="submit" class="btn !min-h-[48px] !text-base"
                                        @if ($id === $nextToHoop)
                                            data-key="h" @endif>{{ __('floor.station.hooped_2') }}{!! $id === $nextToHoop
                                            ? ' <kbd>h</kbd>' : '' !!}<span
                                            class="sr-only">: {{ $running->pieces[$id]?->label() }}</span></button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                    @if ($run->waiting() > $running::SHOWN)
                        <li class="py-1 text-soft">{{ __('floor.station.and_more', [
                            'waiting' => $run->waiting() - $running::SHOWN,
                        ]) }}</li>
                    @endif
                    @if ($run->waiting() === 0)
                        <li class="py-1 text-soft">{{ __('floor.station.no_more_in_this_batch') }}</li>
                    @endif
                </ul>
            </section>
        </div>
        <div class="mt-5 grid grid-cols-1 gap-6 text-base md:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
            <p><x-said key="floor.station.speed_backing_needle_keep_hands_hair" :with="[
                'value' => $open->setup->topper ? __('floor.station.film_on_top') : '',
            ]">
                <x-slot:strong><strong>{{ $open->setup->speedSpm }}</strong></x-slot:strong>
                <x-slot:strong2><strong>{{ $open->setup->backing }}</strong></x-slot:strong2>
                <x-slot:strong3><strong>{{ Hakama\Machine\NeedleType::read($open->batch->equipment->needle)->label() }}</strong></x-slot:strong3></x-said>@foreach ($running->confirmed as $one)
                    <span class="text-soft">{{ __('floor.station.steps_2', [
                        'value' => $loop->first ? __('floor.station.confirmed') : '',
                        'who' => $one->who,
                        'parse' => Dates::time(Carbon\CarbonImmutable::parse($one->at)),
                        'steps' => $one->steps,
                        'value_2' => $loop->last ? '.' : ';',
                    ]) }}</span>
                @endforeach
            </p>
            <p>
                <a href="{{ route('floor.corrections', $m) }}" data-key="w"
                    data-does="{{ __('floor.station.a_wrong_entry') }}">{{ __('floor.station.wrong_entry') }} <kbd>w</kbd></a>
                <a href="{{ route('floor.tags') }}" data-key="y"
                    data-does="{{ __('floor.station.scan_a_piece_label') }}">{{ __('floor.station.a_label') }}
                    <kbd>y</kbd></a>
                <a href="{{ route('floor.finder') }}" data-key="q"
                    data-does="{{ __('floor.station.find_the_cause_of_a_fault') }}">{{ __('floor.station.fault') }} <kbd>q</kbd></a>
                @if ($station->queue !== [])
                    {{ __('floor.station.next_pieces', [
                        'code' => $station->queue[0]->code,
                        'name' => $station->queue[0]->design->name,
                        'left' => $station->queue[0]->left,
                    ]) }}
                    <a href="{{ route('floor.card', $station->queue[0]->code) }}" data-key="m"
                        data-does="{{ __('floor.station.needles_of_the_next_batch') }}">{{ __('floor.station.needle_card') }} <kbd>m</kbd></a>
                @endif
            </p>
        </div>
    @endif
</div>
