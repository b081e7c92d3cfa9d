<x-layout station="artwork" :title="$artwork->name">
    @php
        $n = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
        $bare = $artwork->blocks->whereNull('thread_id');
        $mark = substr(md5($artwork->checksum), 0, 8);
        $order = static fn(?float $r) => $r === null ? '' : sprintf(' (%+.2f)', $r);
    @endphp
    <x-slot:say>
        @if ($artwork->read_at === null)
            {{ $artwork->name }} is being read; this page may be left.
        @elseif ($bare->isNotEmpty())
            <span class="now">Choose a thread for block {{ $bare->pluck('number')->implode(', ') }}.</span>
        @else
            {{ $artwork->name }} has all its threads; next it is set up.
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="show" />
    @if ($artwork->made !== '')
        <p class="mb-3 text-sm text-soft">{{ ucfirst(rtrim($artwork->made, '.')) }}.</p>
    @endif
    @if ($artwork->read_at === null)
        <p class="note" hx-get="{{ route('artwork.show', $artwork) }}" hx-trigger="every 2s" hx-target="body">
            {{ $artwork->refused ?? 'The tape is long and is being read by the worker.' }}</p>
    @else
        <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
            <section aria-label="The design, stitch by stitch"
                data-player="{{ json_encode([
                    'track' => route('artwork.track', [$artwork, 'v' => $mark . $trimJumps]),
                    'density' => route('artwork.density', [$artwork, 'v' => $mark]),
                    'colours' => $artwork->colours(),
                    'bounds' => [$artwork->left_mm, $artwork->right_mm, $artwork->bottom_mm, $artwork->top_mm],
                    'objects' => $artwork->objects ?? [],
                    'dense' => $dense,
                    'timeline' => route('artwork.timeline', [$artwork, 'v' => $mark]),
                ]) }}">
                <canvas class="weave block h-[384px] w-full touch-none border border-hair" role="img"
                    aria-label="{{ $artwork->name }} as far as it is sewn, in its thread colours"></canvas>
                <p data-p="lost" class="wrong" role="alert" hidden>The stitches did not arrive. Load the page once
                    more.</p>
                <p data-p="scale" class="text-sm" hidden><span class="dense-scale" aria-hidden="true"></span> 1 to
                    {{ $dense }} needle points per mm²; persimmon with a stroke: more than {{ $dense }}.
                    The worst place has {{ $artwork->densest[0] }},
                    {{ (new Hakama\Stitch\Point($artwork->densest[1],
                        $artwork->densest[2]))->seenFrom(new Hakama\Stitch\Point(0, 0)) }}
                    the start.</p>
                <label for="scrub" class="sr-only">Stitch</label>
                <input id="scrub" data-p="scrub" type="range" min="0" max="{{ $artwork->stitches }}"
                    value="{{ $artwork->stitches }}" step="1" class="scrub">
                <div class="player">
                    <button class="btn btn-small" data-do="first" data-key="Home" data-does="To the first stitch"
                        title="First stitch, key Home" aria-label="To the first stitch">⇤</button>
                    <button class="btn btn-small" data-do="back-stop" data-key="[" data-does="Back to the stop before"
                        aria-label="Back to the stop before">stop <kbd>[</kbd></button>
                    <button class="btn btn-small" data-do="back-block" data-key="," data-does="Back a block"
                        aria-label="Back a block">block <kbd>,</kbd></button>
                    <button class="btn btn-small" data-do="back" data-key="ArrowLeft" data-does="One stitch back"
                        aria-label="One stitch back"><kbd class="!ml-0">←</kbd></button>
                    <button class="btn btn-main" data-do="play" data-key="p" data-does="Play or pause"><span
                            data-p="play">Play</span> <kbd>p</kbd></button>
                    <button class="btn btn-small" data-do="next" data-key="ArrowRight" data-does="One stitch on"
                        aria-label="One stitch on"><kbd class="!ml-0">→</kbd></button>
                    <button class="btn btn-small" data-do="next-block" data-key="." data-does="On to the next block"
                        aria-label="On to the next block">block <kbd>.</kbd></button>
                    <button class="btn btn-small" data-do="next-stop" data-key="]" data-does="On to the next stop"
                        aria-label="On to the next stop">stop <kbd>]</kbd></button>
                    <button class="btn btn-small" data-do="last" data-key="End" data-does="To the last stitch"
                        title="Last stitch, key End" aria-label="To the last stitch">⇥</button>
                    <span class="ml-auto flex gap-2">
                        <button class="btn btn-small" data-do="closer" data-key="+" data-does="Closer"
                            aria-label="Closer"><kbd class="!ml-0">+</kbd></button>
                        <button class="btn btn-small" data-do="away" data-key="-" data-does="Further away"
                            aria-label="Further away"><kbd class="!ml-0">-</kbd></button>
                        <button class="btn btn-small" data-do="whole" data-key="w" data-does="The whole design">whole
                            <kbd>w</kbd></button>
                    </span>
                </div>
                <dl class="readout tabular-nums">
                    <div>
                        <dt>Stitch</dt>
                        <dd><strong data-p="stitch">0</strong> of <span
                                data-p="of">{{ $n($artwork->stitches) }}</span></dd>
                    </div>
                    <div>
                        <dt>Block</dt>
                        <dd data-p="block"></dd>
                    </div>
                    <div>
                        <dt>Sewn after</dt>
                        <dd data-p="clock"></dd>
                    </div>
                    <div>
                        <dt>Needle</dt>
                        <dd data-p="place"></dd>
                    </div>
                    <div>
                        <dt>This stitch</dt>
                        <dd data-p="length"></dd>
                    </div>
                </dl>
                <div class="player mt-2">
                    <button class="btn btn-small" data-do="ways" data-key="j" data-does="Show jumps and trims"
                        aria-pressed="true">Jumps, trims <kbd>j</kbd></button>
                    <button class="btn btn-small" data-do="density" data-key="d" data-does="Show the density"
                        aria-pressed="false">Density <kbd>d</kbd></button>
                    <button class="btn btn-small" data-do="order" data-key="o"
                        data-does="Number the objects in sewing order" aria-pressed="false">Order
                        <kbd>o</kbd></button>
                    <button class="btn btn-small" data-do="measure" data-key="y"
                        data-does="Measure the smallest letters" aria-pressed="false">Letters
                        <kbd>y</kbd></button>
                    <span class="ml-auto flex items-center gap-2">
                        <label for="rate" class="sr-only">Speed of playing</label>
                        <select id="rate" data-p="rate" data-key="r" data-does="Choose the speed of playing"
                            class="!w-auto !py-1">
                            <option value="20">20 stitches a second</option>
                            <option value="100">100 a second</option>
                            <option value="500" selected>500 a second</option>
                            <option value="2000">2 000 a second</option>
                            <option value="10000">10 000 a second</option>
                            <option value="real:1">as the machine sews</option>
                            <option value="real:10">the machine, ten times</option>
                        </select>
                        <label for="spm" class="m-0 whitespace-nowrap">set to</label><input id="spm"
                            data-p="spm" inputmode="numeric" value="{{ $setSpm }}" class="num !w-20 !py-1"
                            aria-label="Speed set on the machine, stitches per minute">
                    </span>
                </div>
                <form method="post" action="{{ route('artwork.letters', $artwork) }}" data-p="measured"
                    class="mt-2 flex flex-wrap items-end gap-3 border border-hair p-3" hidden>@csrf @method('PUT')
                    <p class="w-full text-sm" data-p="hint" aria-live="polite">Press on two places, the foot and the
                        head of the smallest letter.</p>
                    <div><label for="letter-mm">Letters, mm high</label><input id="letter-mm" name="letter_mm"
                            inputmode="decimal" class="num !w-24" value="{{ old('letter_mm') }}"></div>
                    <div><label for="letter-block">in block</label><select id="letter-block" name="block">
                            @foreach ($artwork->blocks as $block)
                                <option @selected((int) old('block') === $block->number)>{{ $block->number }}</option>
                            @endforeach
                        </select></div>
                    <button class="btn">Keep it</button>
                    <p class="text-sm text-soft">Empty: no letters in it.</p>
                </form>
                <x-wrong field="letter_mm" />
                <p class="mt-1 text-sm text-soft">Open square: start. Full square: end. Crosses: trims. Press on a
                    place to go to the stitch that ends there.</p>
                <h2 class="mb-1 mt-5">Findings</h2>
                @forelse ($findings as $finding)
                    <div class="border-b border-hair py-2">
                        <div class="flex items-start gap-3">
                            <p class="flex-1"><span
                                    class="text-sm text-soft">{{ $finding->code->label() }}</span><br>{{
                                        $finding->message }}
                            </p>
                            @if ($finding->code === Hakama\Stitch\FindingCode::CapOrder)
                                <button class="btn btn-small" data-do="order"
                                    aria-label="Number the objects on the drawing">Show order</button>
                            @elseif ($finding->spots !== [] || $finding->blocks !== [])
                                <button class="btn btn-small" aria-pressed="false"
                                    data-spots="{{ json_encode(array_map(static fn($s) => [$s->at->x, $s->at->y,
                                        $s->stitch], $finding->spots)) }}"
                                    data-blocks="{{ json_encode($finding->blocks) }}"
                                    @if ($loop->first) data-key="f" @endif
                                    aria-label="Show where: {{ $finding->code->label() }}">Show where</button>
                            @endif
                        </div>
                        <x-because about="What it means">{{ $finding->code->meaning() }}
                            {{ $finding->code->request($measuring) }}</x-because>
                    </div>
                @empty
                    <p class="text-soft">Nothing odd was found in this tape.</p>
                @endforelse
                @if ($note !== '')
                    <details class="mt-4" id="note">
                        <summary>A note to the digitiser, ready to send</summary>
                        <label for="letter" class="sr-only">The note</label>
                        <textarea id="letter" rows="12" readonly class="mt-2 font-mono text-sm">{{ $note }}</textarea>
                        <p class="mt-2 flex gap-2"><button type="button" class="btn btn-small"
                                data-copy="letter">Copy the note</button> <a class="btn btn-small"
                                href="{{ route('artwork.note', $artwork) }}">Save it as text</a></p>
                    </details>
                @endif
            </section>
            <section aria-label="Threads and figures">
                <table>
                    <caption class="sr-only">Blocks and their threads</caption>
                    <thead>
                        <tr>
                            <th>Block</th>
                            <th>Thread</th>
                            <th class="num">Stitches</th>
                            <th class="num">Top m</th>
                            <th><span class="sr-only">Choose</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($artwork->blocks as $block)
                            <tr data-block-row="{{ $block->number }}">
                                <td class="tabular-nums">{{ $block->number }}</td>
                                <td><x-swatch :hex="$block->thread?->hex" />
                                    @if ($block->thread)
                                        {{ $block->thread->code }}
                                        {{ $block->thread->name }}{{ $block->thread->weight !== 40
                                            ? ', ' . $block->thread->weight . ' wt' : '' }}
                                    @else
                                        <span class="now">none yet</span>
                                    @endif
                                    @if ($block->letter_mm !== null)
                                        <span class="block text-sm text-soft">letters from
                                            {{ $n($block->letter_mm, 1) }} mm</span>
                                    @endif
                                </td>
                                <td class="num">{{ $n($block->stitches) }}</td>
                                <td class="num">{{ $n($uses[$block->number]->topM, 1) }}</td>
                                <td class="num"><button class="btn btn-small"
                                        hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}"
                                        hx-target="#choose" hx-swap="innerHTML"
                                        @if ($loop->first) data-key="t"
                                            data-does="Choose a thread for the first block" @endif
                                        aria-label="Choose the thread of block {{ $block->number }}">Choose</button>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-wrong field="thread" />
                <div id="choose" aria-live="polite"></div>
                <dl class="facts mt-5">
                    <dt>Stitches</dt>
                    <dd>{{ $n($artwork->stitches) }}</dd>
                    <dt>Colour changes, trims, jumps</dt>
                    <dd>{{ $artwork->changes }}, {{ $artwork->trims }}, {{ $artwork->jumps }}</dd>
                    <dt>Size</dt>
                    <dd>{{ $units->size($artwork->bounds()->width(),
                        $artwork->bounds()->height(), 1) }}</dd>
                    <dt>Longest, shortest stitch</dt>
                    <dd>{{ $n($artwork->coreLengths()->longestMm(), 1) }},
                        {{ $n($artwork->coreLengths()->shortestMm(), 1) }} mm</dd>
                    <dt>Densest spot</dt>
                    <dd>{{ $artwork->densest[0] }} per mm²</dd>
                    <dt>Thread for one piece</dt>
                    <dd>{{ $n($topM, 1) }} m top, {{ $n($bobbinM, 1) }} m bobbin</dd>
                    <dt>Sewn centre-out</dt>
                    <dd>{{ $artwork->centre_out->value }}{{ $order($artwork->against_distance) }}</dd>
                    <dt>Sewn bottom-up</dt>
                    <dd>{{ $artwork->bottom_up->value }}{{ $order($artwork->against_height) }}</dd>
                </dl>
                <x-because about="How these were worked out">Counted from the records of the tape, not from its header.
                    Thread is length and stitches by the factors under <a href="/shop#top_thread_per_length">Shop</a>.
                    The order of sewing is the rank correlation of the {{ count($artwork->objects ?? []) }} objects’
                    sequence with their distance from the middle and with their height: yes from 0.5, no to
                    −0.2.</x-because>
                <p class="mt-4 flex flex-wrap gap-2">
                    <a class="btn btn-small" href="{{ route('artwork.template', [$artwork, 'paper' => 'a4']) }}"
                        data-key="a">Template A4 <kbd>a</kbd></a>
                    <a class="btn btn-small"
                        href="{{ route('artwork.template', [$artwork, 'paper' => 'letter']) }}">Template Letter</a>
                    <a class="btn btn-small" href="{{ route('artwork.tape', $artwork) }}">Tape</a>
                    <a class="btn btn-small"
                        href="{{ route('artwork.drawing', [$artwork, 'download' => 1]) }}">Drawing</a>
                </p>
                @if ($family->count() > 1)
                    <p class="mt-4 text-sm">Versions: @foreach ($family as $one)
                            @if ($one->id === $artwork->id)
                            <strong>{{ $one->name }}</strong>@else<a
                                    href="{{ route('artwork.show', $one) }}">{{ $one->name }}</a>
                            @endif
                            <span class="text-soft">
                                , {{ $one->variantLabel() }}</span>{{ $loop->last ? '.' : '; ' }}
                        @endforeach
                    </p>
                @endif
                @if ($ordered->isNotEmpty())
                    <p class="mt-4 text-sm">In orders @foreach ($ordered as $number)
                            <a
                                href="{{ route('orders.show', $number) }}">{{ $number }}</a>{{ $loop->last
                                    ? '.' : ', ' }}
                        @endforeach
                    </p>
                @endif
            </section>
        </div>
    @endif
</x-layout>
