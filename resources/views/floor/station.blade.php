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
        K::ThreadBroke->value => 'Thread broke',
        K::BobbinRanOut->value => 'Bobbin ran out',
        K::Stopped->value => 'Stopped by hand',
        K::HandStop->value => 'A hand is wanted',
    ];
@endphp
<div id="station" data-url="{{ route('floor.show', $m) }}" data-pulse="{{ route('floor.pulse', $m) }}"
    data-sign="{{ $station->pulse->sign }}" data-events="{{ route('floor.events', $m) }}"
    data-stage="{{ $run->stage->value ?? '' }}" data-batch="{{ $open->code ?? '' }}"
    data-touches="{{ json_encode(App\Floor\Queries\Touches::table()) }}" data-worker="{{ App\Foundation\Http\BuiltAsset::address('sw.js') }}">
    <div id="kept" class="note note-caution mb-4 text-base" role="status" hidden>
        <p><strong id="kept-count"></strong> Each is delivered once, with its time, when the shop answers again.</p>
        <ul id="kept-list" class="mt-2"></ul>
        <div id="kept-act" class="mt-3 grid grid-cols-2 gap-3"></div>
    </div>
    @if ($open === null)
        <p class="note">No batch stands at {{ $m->code }}. Plan one: it appears here when its turn comes.</p>
    @else
        <div class="grid grid-cols-1 gap-6 md:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
            <section aria-label="What runs">
                <div class="flex items-end gap-6">
                    <div>
                        <h1>{{ $open->design->name }}</h1>
                        <p>{{ $open->code }}, {{ $open->setup->garment }}, {{ $open->setup->position }}. <a
                                href="{{ route('floor.card', $open->code) }}" data-key="n"
                                data-does="The needles of this batch">Needle card <kbd>n</kbd></a></p>
                    </div>
                    <p class="ml-auto text-right"><span class="big">{{ $run->done }}<span class="text-xl"> /
                                {{ $run->pieces }}</span></span><br>pieces
                        done{{ $run->spoiled > 0 ? ", {$run->spoiled} spoiled" : '' }}@if ($open->copies > 1)
                            <span class="block text-base text-soft">{{ $open->copies }} to a frame:
                                {{ $open->batch->pieces }} {{ $open->batch->pieces === 1
                                    ? 'frame' : 'frames' }} to go</span>
                        @endif
                    </p>
                </div>
                @if ($several)
                    <p class="font-head font-semibold now" id="hooping">Hooping {{ $running->hooping() }} of
                        {{ count($running->hoopings) }}@if (isset($running->setup->marks[$running->hooping() - 1])): the
                            cross at {{ $running->setup->marks[$running->hooping() - 1] }}
                        @endif
                    </p>
                @endif
                <canvas id="sewing" class="weave mt-3 h-[248px] w-full border border-hair" role="img"
                    aria-label="The design, filled as far as it is sewn"
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
                @if (! in_array($running->setup?->driver, [null, Hakama\Machine\Driver::Cap], true))
                    <p class="text-base"><a href="{{ route('setup.picture', $open->decorationId) }}" data-key="i"
                            data-does="Measure the place from a picture">Measure the place from a picture
                            <kbd>i</kbd></a></p>
                @endif
                @if ($origin)
                    <p class="text-base" id="origin">{{ $origin->words() }}</p>
                @endif
                @if ($running->setup)
                    <p class="text-base" id="bobbin">{{ $station->bobbinWords() }}</p>
                    <p class="text-base" id="loading">▲ {{ ucfirst($running->setup->loading->endWords()) }} towards the
                        machine, as the picture lies; {{ App\Setup\DecisionRow::turn($running->setup->turnToSet) }}.</p>
                @endif
                @if ($station->care !== [])
                    <p class="text-base" id="care">Before this batch:
                        @foreach (array_slice($station->care, 0, 3) as $one)
                            {{ lcfirst($one->task->wanted($one->needle)) }}{{ $loop->last ? '' : '; ' }}
                        @endforeach
                        (<a href="{{ route('needles.care', $m) }}">care of {{ $m->code }}</a>).</p>
                @endif
                @if ($station->needlesToSet !== '')
                    <p class="text-base" id="program">{{ $station->needlesToSet }}</p>
                @endif
                <div class="mt-2 flex items-baseline gap-6 tabular-nums">
                    @if ($run->stage === Stage::Sewing)
                        <strong>Sewing load {{ $run->load->number }}</strong>
                    @elseif ($run->stage === Stage::Halted)
                        <strong class="now">{{ $halts[$run->load->haltedBy?->value ?? ''] ?? 'Halted' }}</strong>
                    @elseif ($run->stage === Stage::Sewn)
                        <strong>Load {{ $run->load->number }} is sewn: take it off</strong>
                    @elseif ($run->stage === Stage::Ready)
                        <strong>Ready for load {{ $run->load->number + 1 }}</strong>
                    @else<strong>Preflight</strong>
                    @endif
                    <span class="ml-auto"><span
                            id="stitch">{{ $n($run->stage === Stage::Sewn ? $stitches : $running->stitch) }}</span>
                        of {{ $n($stitches) }} stitches</span>
                    <span
                        id="share">{{ $stitches ? intdiv(100 * ($run->stage === Stage::Sewn
                            ? $stitches : $running->stitch), $stitches) : 0 }}
                        %</span>
                </div>
                <ol id="steps" class="mt-2 flex flex-wrap gap-2 text-base" aria-label="Steps">
                    @foreach ($sheet->steps as $step)
                        @php $needle = $m->needleWith($design->threads()[$step->block - 1])?->number; @endphp
                        <li class="floor-step" data-to="{{ $step->to }}"
                            @if ($run->load->event && $running->stitch >= $step->from - 1
                                && $running->stitch < $step->to) data-here @endif><x-swatch
                                :hex="$design->colours()[$step->block - 1]"
                                    />{{ $design->threads()[$step->block - 1] }}{{ $needle
                                        ? ", needle {$needle}" : '' }}{{ in_array($step->role,
                                        [Hakama\Artwork\BlockRole::Sew, Hakama\Artwork\BlockRole::None], true)
                                            ? '' : ', ' . $step->role->label() }}{{ $step->note === ''
                                            || $step->halts() ? '' : ': ' . $step->note }}
                        </li>
                        @if ($step->halts())
                            <li class="floor-step halt">halt:
                                {{ $step->words() }}{{ $step->note === '' ? '' : ', ' . $step->note }}</li>
                        @endif
                    @endforeach
                </ol>
                @if ($run->stage === Stage::Halted)
                    <p class="note note-now mt-2 text-base">Halted at stitch {{ $n($run->load->stitch) }}.
                        @if ($break !== null)
                            Block {{ $break->step?->block }}, {{ $break->thread }}{{ $break->needle === null
                                ? '' : ", needle {$break->needle}" }}:
                            rethread, step back {{ $stepBack }} stitches past the break, to about
                            {{ $n(max(0, $break->stitch - $stepBack)) }}, then go on.
                            @if ($break->breaks > 1)
                                It is break {{ $break->breaks }} at needle {{ $break->needle }} of late.
                            @endif
                            @if ($break->look !== [])
                                <strong>Look at {{ implode('; ', $break->look) }}.</strong>
                            @endif
                        @elseif ($run->load->haltedBy === K::BobbinRanOut)
                            Change the bobbin.
                        @elseif ($run->load->haltedBy === K::HandStop && ($step = $sheet->at($run->load->stitch)))
                            <strong>{{ ucfirst($step->words() ?: 'look') }}</strong>{{ $step->note !== ''
                                ? ': ' . $step->note : '' }}.
                            Then go on.
                        @endif If the frame was moved, use “return to the last position”: never
                        centre again. Stop before reaching in; a struck frame throws needle fragments.</p>
                @endif
                <h2 class="mt-4">To hoop</h2>
                <ul class="grid grid-cols-1 gap-x-6 text-base sm:grid-cols-2">
                    @php $nextToHoop = array_values(array_diff($running->waiting(), $run->hooped))[0] ?? null; @endphp
                    @foreach (array_slice($running->waiting(), 0, $running::SHOWN) as $id)
                        <li class="flex items-center gap-3 border-b border-hair py-1">
                            <span class="flex-1">{{ $running->pieces[$id]?->label()
                                }}@if ($running->pieces[$id]?->text !== null)
                                    <strong class="spelling">{{ $running->pieces[$id]->text }}</strong>
                                @endif <span class="text-soft">in
                                    {{ $open->batch->equipment->frame }}</span>
                                @if ($where = $running->placements[$running->pieces[$id]?->size ?? ''] ?? '')
                                    <span class="block leading-snug">{{ $where }}</span>
                                @endif
                            </span>
                            @if (in_array($id, $run->hooped, true))
                                <strong>hooped</strong>
                            @else
                                <form method="post" action="{{ route('floor.events', $m) }}">@csrf<input
                                        type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                                        name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                                        value="{{ K::PieceHooped->value }}"><input type="hidden" name="piece"
                                        value="{{ $id }}"><button class="btn !min-h-[48px] !text-base"
                                        @if ($id === $nextToHoop) data-key="h" @endif>Hooped{!! $id === $nextToHoop
                                            ? ' <kbd>h</kbd>' : '' !!}<span
                                            class="sr-only">: {{ $running->pieces[$id]?->label() }}</span></button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                    @if ($run->waiting() > $running::SHOWN)
                        <li class="py-1 text-soft">and {{ $run->waiting() - $running::SHOWN }} more</li>
                    @endif
                    @if ($run->waiting() === 0)
                        <li class="py-1 text-soft">nothing more in this batch</li>
                    @endif
                </ul>
            </section>
            <section aria-label="What to do" class="max-md:order-first">
                <x-wrong field="piece" />
                <x-wrong field="kind" />
                @if ($run->stage === Stage::Preflight)
                    <form method="post" action="{{ route('floor.events', $m) }}" data-busy>
                        @csrf <input type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                            name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                            value="{{ K::PreflightDone->value }}">
                        <fieldset>
                            @php $keys = $running->work->keys(); @endphp
                            @if ($running->work->at(Hakama\Setup\Notes\WorkStage::Driver) !== [])
                                <legend class="font-head font-semibold now">Change the driver: {{ $m->driver }} to
                                    {{ $running->setup->driver->value }}</legend>
                                @foreach ($running->work->at(Hakama\Setup\Notes\WorkStage::Driver) as $step)
                                    <label class="check"><input type="checkbox" name="checked[]"
                                            value="{{ $step->code }}" @checked(in_array($step->code,
                                                old('checked', []), true))><span
                                            class="flex-1 text-base leading-snug">{{ $step->text }}</span></label>
                                @endforeach
                                <div class="mb-3 mt-2 flex items-center gap-3"><label for="driver_min"
                                        class="m-0 text-base">Minutes it took</label><input id="driver_min"
                                        name="driver_min" inputmode="decimal" class="num !w-20"
                                        value="{{ old('driver_min') }}"
                                        @error('driver_min') aria-invalid="true" aria-describedby="wrong-driver_min"
                                            @enderror><span
                                        class="text-base text-soft">for this machine’s own time</span></div>
                                <x-wrong field="driver_min" />
                                <p class="font-head font-semibold">Before the first load</p>
                            @else
                                <legend class="font-head font-semibold">Before the first load</legend>
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
                        <div class="mt-3 flex items-center gap-3"><span class="text-base text-soft">After the trace the
                                panel says</span><label for="origin_x" class="m-0 text-base">X</label><input
                                id="origin_x" name="origin_x" inputmode="decimal" class="num !w-24"
                                value="{{ old('origin_x') }}"
                                @error('origin_x') aria-invalid="true" aria-describedby="wrong-origin_x"
                                    @enderror><label
                                for="origin_y" class="m-0 text-base">Y</label><input id="origin_y" name="origin_y"
                                inputmode="decimal" class="num !w-24" value="{{ old('origin_y') }}"
                                @error('origin_y') aria-invalid="true" aria-describedby="wrong-origin_y" @enderror><span
                                class="text-base text-soft">mm</span></div>
                        <x-wrong field="origin_x" /><x-wrong field="origin_y" />
                        <div class="mt-3 flex items-center gap-3"><label for="who" class="m-0 text-base">Confirmed
                                by</label><select id="who" name="who" class="flex-1"
                                @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror>
                                <option value="">choose</option>
                                @foreach ($people as $name)
                                    <option value="{{ $name }}" @selected(old('who', $who) === $name)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                        </div>
                        <x-wrong field="who" />
                        <x-wrong field="checked" />
                        <button class="btn btn-now mt-4 w-full" data-key="g">All is checked <kbd>g</kbd></button>
                    </form>
                @else
                    <div class="grid grid-cols-2 gap-3">
                        @php
                            $count = count($run->onFrame) === 1 ? 'this piece' : 'these ' . count($run->onFrame);
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
                                            ? 'Start load ' . ($run->load->number + 1) : "It is {$named->text}: start",
                                        K::PieceDone => $running->isLastHooping()
                                            ? "Done: count {$count}" : 'Off: hooping ' . $running->hooping() . ' of '
                                            . count($running->hoopings) . ' is sewn',
                                        default => App\Floor\Queries\Touches::label($touch[0]),
                                    },
                                    ...$looks[$touch[0]->value],
                                ],
                                $run->stage->touches($m->paired_at === null),
                            );
                        @endphp
                        @if ($named !== null)
                            <div class="col-span-2 border-l-[6px] border-now bg-paper px-4 py-3" id="name">
                                <p class="text-base">{{ $run->onFrame === [] ? 'Next' : 'On the machine' }}:
                                    {{ $named->label }}. Look at the piece, spell it out.</p>
                                <p class="spelling big break-words">{{ $named->text ?? '(no name)' }}</p>
                                @if ($run->onFrame === [] && $named->refusal() !== null)
                                    <p class="now text-base">{{ $named->refusal() }} <a
                                            href="{{ route('orders.names', $open->decorationId) }}">The names</a></p>
                                @endif
                            </div>
                        @endif
                        @php $waits = $run->stage === Stage::Ready && $running->waitsForFirst(); @endphp
                        @if ($waits)
                            <div class="note note-now col-span-2 text-base" id="first-off">
                                <p><strong>The first piece is to be looked at</strong>, unhooped, by somebody else: <a
                                        href="{{ route('floor.finish') }}">Finish and check</a>. The next load
                                            waits.</p>
                                <form method="post" action="{{ route('floor.events', $m) }}"
                                    class="mt-2 flex items-end gap-2">@csrf<input type="hidden" name="id"
                                        value="{{ Str::uuid() }}"><input type="hidden" name="batch"
                                        value="{{ $open->code }}"><input type="hidden" name="kind"
                                        value="{{ K::LoadStarted->value }}">
                                    <div class="flex-1"><label for="override" class="text-base">Go on all the same,
                                            because</label><input id="override" name="override" maxlength="200"
                                            @error('override') aria-invalid="true" aria-describedby="wrong-override"
                                                @enderror>
                                    </div><button class="btn">Start</button>
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
                                    type="hidden" name="text" value="{{ $named->text }}">@endif<button
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
                                “Done” confirms it{{ $who === '' ? '' : " for {$who}" }}.</p>
                        </div>
                    @endif
                    @if ($run->onFrame !== [])
                        <p class="mt-3 text-base">On the machine: @foreach ($run->onFrame as $id)
                                <strong>{{ $running->pieces[$id]?->label() }}{{ $running->pieces[$id]?->text === null
                                    ? '' : ', ' . $running->pieces[$id]->text }}</strong>{{ $loop->last ? '' : ', ' }}
                            @endforeach
                        </p>
                        <form method="post" action="{{ route('floor.events', $m) }}" class="mt-2">@csrf<input
                                type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden"
                                name="batch" value="{{ $open->code }}"><input type="hidden" name="kind"
                                value="{{ K::PieceSpoiled->value }}">
                            <fieldset>
                                <legend class="text-base">Spoiled, because</legend>
                                @if (count($run->onFrame) > 1)
                                    <p class="text-base text-soft">Touch those that are not good; none touched means
                                        the first.</p>
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
                                        <button class="btn !min-h-[48px] !px-2 !text-base" name="cause"
                                            value="{{ $cause->value }}">{{ $cause->label() }}</button>
                                    @endforeach
                                </div>
                            </fieldset>
                            <x-wrong field="cause" />
                        </form>
                    @endif
                @endif
            </section>
        </div>
        <div class="mt-5 grid grid-cols-1 gap-6 text-base md:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
            <p>Speed <strong>{{ $open->setup->speedSpm }}</strong>, backing
                <strong>{{ $open->setup->backing }}</strong>{{ $open->setup->topper ? ', film on top' : '' }}, needle
                <strong>{{ $open->batch->equipment->needle }}</strong>. Hands, hair and lanyards clear of needles and
                carriage.@foreach ($running->confirmed as $one)
                    <span class="text-soft">{{ $loop->first ? 'Confirmed:' : '' }} {{ $one->who }}
                        {{ Carbon\CarbonImmutable::parse($one->at)->format('H:i') }}, {{ $one->steps }}
                        steps{{ $loop->last ? '.' : ';' }}</span>
                @endforeach
            </p>
            <p>
                <a href="{{ route('floor.corrections', $m) }}" data-key="w"
                    data-does="Something was recorded by mistake">Recorded by mistake? <kbd>w</kbd></a>
                <a href="{{ route('floor.tags') }}" data-key="y" data-does="Scan the label of a piece">A label
                    <kbd>y</kbd></a>
                <a href="{{ route('floor.finder') }}" data-key="q"
                    data-does="From what is seen to what is behind it">What is wrong? <kbd>q</kbd></a>
                @if ($station->queue !== [])
                    Next: {{ $station->queue[0]->code }} {{ $station->queue[0]->design->name }},
                    {{ $station->queue[0]->left }} pieces.
                    <a href="{{ route('floor.card', $station->queue[0]->code) }}" data-key="m"
                        data-does="The needles of the next batch">Its needle card <kbd>m</kbd></a>
                @endif
            </p>
        </div>
    @endif
</div>
