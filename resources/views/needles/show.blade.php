<x-layout station="needles" title="Needles">
    @php
        $first = collect($planned)->first(fn($b) => $b->load !== []);
        $toLoad = collect($first->load ?? [])
            ->where('beforeBlock', 1)
            ->keyBy('needle');
        $width = 1180 / max(1, $machine->needles);
        $w = min(78, $width);
    @endphp
    <x-slot:say>
        @if ($problem)
            <span class="now">{{ $machine->code }}: {{ $problem }}</span>
        @elseif ($first)
            <span class="now">{{ $machine->code }}: load
                {{ count($first->load) === 1 ? 'one needle' : count($first->load) . ' needles' }} before
                {{ $first->id }}.</span> {{ $changes === 1 ? 'One change' : "{$changes} changes" }} for
            {{ $ahead }} {{ $ahead === 1 ? 'batch' : 'batches' }} ahead; in order of arrival
            {{ $bookedChanges }}, loading anew for each batch {{ $reloadChanges }}.
        @elseif ($ahead === 0)
            {{ $machine->code }} has no batch ahead.
        @else
            {{ $machine->code }} holds every thread of its next {{ $ahead }} batches.
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="show" />
    <svg viewBox="0 0 1180 232" class="w-full" role="img"
        aria-label="The rack of {{ $machine->code }}: @foreach ($machine->rack as $needle)needle {{ $needle->number
            }} {{ $needle->thread?->name ?? 'empty' }}{{ isset($toLoad[$needle->number])
                ? ', to be loaded' : '' }}{{ $loop->last ? '' : ', ' }} @endforeach">
        <rect x="0" y="118" width="{{ $w * $machine->needles }}" height="7" fill="#1d2433" />
        @foreach ($machine->rack as $needle)
            @php
                $x = ($machine->counts_from === 'right'
                    ? $machine->needles - $needle->number : $needle->number - 1) * $w;
                $m = $x + $w / 2;
                $next = $toLoad[$needle->number] ?? null;
            @endphp
            <path
                d="M{{ $m - $w * 0.34 }} 117L{{ $m - $w * 0.2 }} 40Q{{ $m }} 30 {{ $m + $w * 0.2 }} 40L{{ $m + $w *
                    0.34 }} 117z"
                fill="{{ $needle->thread?->hex ?? '#fffdf8' }}" stroke="#1d2433" stroke-width="1"
                @if (!$needle->thread) stroke-dasharray="4 3" @endif />
            @if ($needle->thread)
                <path
                    d="M{{ $m - $w * 0.31 }} 104L{{ $m + $w * 0.3 }} 98M{{ $m - $w * 0.29 }} 90L{{ $m + $w * 0.28
                        }} 84M{{ $m - $w * 0.26 }} 76L{{ $m + $w * 0.25 }} 70M{{ $m - $w * 0.24 }} 62L{{ $m + $w *
                            0.22 }} 56"
                    stroke="#fff" stroke-opacity=".3" stroke-width="1.4" />
            @endif
            <path d="M{{ $m }} 125V178" stroke="{{ $needle->thread?->hex ?? '#d8d0c0' }}"
                stroke-width="3" />
            <path d="M{{ $m - 3 }} 150h6l-2 42-1 8-1-8z" fill="#8c8577" stroke="#1d2433" stroke-width=".5" />
            <text x="{{ $m }}" y="218" text-anchor="middle" font-size="17"
                font-weight="700">{{ $needle->number }}</text>
            <text x="{{ $m }}" y="231" text-anchor="middle" font-size="11">{{ $needle->size }}</text>
            <text x="{{ $m }}" y="22" text-anchor="middle"
                font-size="12">{{ $needle->thread?->code ?? 'empty' }}</text>
            @if ($needle->pinned)
                <g transform="translate({{ $m }} 112)">
                    <circle r="5" fill="#fffdf8" stroke="#1d2433" />
                    <path d="M-2.5 0h5" stroke="#1d2433" stroke-width="1.4" />
                </g>
            @endif
            @if ($next)
                <g>
                    <path d="M{{ $m - 7 }} 3h14l-7 9z" fill="#c8481f" />
                </g>
            @endif
        @endforeach
    </svg>
    <p class="mb-5 text-sm text-soft">
        {{ $first ? "The triangle marks a needle to be loaded before {$first->id}, the" : 'The' }} ring
        {{ $first ? '' : 'marks ' }}one that is pinned.</p>
    <x-wrong field="thread" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <div>
            <h2 class="mb-1">Next batches</h2>
            @if ($planned === [])
                <p class="note">No batch stands on this machine. Set one up, or move one here in the plan.</p>
            @endif
            @foreach ($planned as $i => $batch)
                @php $of = $batches[$batch->id]; @endphp
                <section class="border-b border-ink py-3">
                    <h3 class="font-semibold"><a href="{{ route('needles.card', $batch->id) }}"
                            title="Its needle card">{{ $batch->id }}</a> <span
                            class="font-normal">{{ $of->design->name }}, {{ $of->setup->garment }},
                            {{ $of->left }} pieces for {{ $of->order->customer }}</span></h3>
                    <p class="my-2 flex flex-wrap gap-x-4 gap-y-1 tabular-nums" aria-label="Needle order">
                        @foreach ($batch->order as $k => $needle)
                            <span class="whitespace-nowrap"><span class="text-sm text-soft">{{ $k + 1 }}</span>
                                <x-swatch :hex="$of->design->colours()[$k]" /><strong>{{ $needle }}</strong></span>
                        @endforeach
                    </p>
                    @php $alike = collect($fittings[$batch->id] ?? [])->groupBy(static fn($type) => $type->words(), true); @endphp
                    @foreach ($alike as $words => $same)
                        @php
                            $numbers = $same->keys()->all();
                            $mayFit = array_key_first($fittings) === $batch->id;
                        @endphp
                        <form method="post" action="{{ route('needles.fit', $machine) }}"
                            class="flex items-center gap-3 py-1">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::uuid() }}">
                            @foreach ($numbers as $number)
                                <input type="hidden" name="numbers[]" value="{{ $number }}">
                            @endforeach
                            <input type="hidden" name="size" value="{{ $same->first()->size }}">
                            <input type="hidden" name="point" value="{{ $same->first()->point }}">
                            <span class="min-w-0 flex-1">
                                <strong>{{ count($numbers) === 1 ? 'Needle' : 'Needles' }}
                                    {{ implode(', ', $numbers) }}:</strong>
                                fit {{ $words }}{{ $machine->heads > 1 ? ', on each head' : '' }}
                            </span>
                            @if ($mayFit)
                                <button class="btn btn-small btn-now"
                                    @if ($loop->first) data-key="f" @endif>
                                    {{ count($numbers) === 1 ? 'It is' : 'They are' }} fitted
                                    @if ($loop->first)
                                        <kbd>f</kbd>
                                    @endif
                                </button>
                            @endif
                        </form>
                    @endforeach
                    @forelse ($batch->load as $change)
                        <div class="flex items-center gap-3 py-1">
                            <span class="min-w-0 flex-1"><strong>Needle {{ $change->needle }}:</strong>
                                {{ $change->from === null ? ''
                                    : 'take off ' . $change->from . ' ' . ($threads[$change->from]->name
                                    ?? '') . ', ' }}load
                                <x-swatch :hex="$threads[$change->to]->hex ?? null" />{{ $change->to }}
                                {{ $threads[$change->to]->name ?? '' }} <span class="text-sm text-soft">from shelf
                                    {{ $threads[$change->to]?->shelf() ?? '' }}{{ $change->beforeBlock > 1
                                        ? ', at the stop before block ' . $change->beforeBlock : '' }}</span></span>
                            @if ($i === 0 || collect($planned)->take($i)->every(fn($b) => $b->load === []))
                                <form method="post" action="{{ route('needles.load', [$machine, $change->needle]) }}">
                                    @csrf
                                    <input type="hidden" name="thread" value="{{ $change->to }}"><input
                                        type="hidden" name="seen"
                                        value="{{ (int) $machine->rack->firstWhere('number',
                                            $change->needle)->thread_id }}">
                                    <button class="btn btn-small btn-now"
                                        @if ($loop->first && $batch === $first) data-key="l" @endif>Needle
                                        {{ $change->needle }} is loaded{!! $loop->first && $batch === $first
                                            ? ' <kbd>l</kbd>' : '' !!}</button>
                                </form>
                            @endif
                        </div>
                    @empty
                        <p class="text-sm text-soft">Nothing to load.</p>
                    @endforelse
                </section>
            @endforeach
            <x-because about="Why these needles">A thread that is on the rack stays where it is. For a missing one the
                needle is given up whose thread is needed furthest in the future, or never; pinned needles and needle
                sizes are kept. With a known order of batches no rule needs fewer changes. Ahead of
                {{ $machine->code }}: {{ $changes ?? 'none' }} by this rule in the plan’s order,
                {{ $bookedChanges ?? 'none' }} by this rule in order of arrival, {{ $reloadChanges }} if every batch
                in order of arrival were loaded anew from needle 1 on.</x-because>
        </div>
        <div>
            <h2 class="mb-1">The rack</h2>
            @foreach (['numbers', 'numbers.0', 'size', 'point'] as $field)
                <x-wrong :field="$field" />
            @endforeach
            <table>
                <thead>
                    <tr>
                        <th class="num">No.</th>
                        <th>Thread</th>
                        <th>Needle that is fitted</th>
                        <th>Keep</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($machine->rack as $needle)
                        <tr>
                            <td class="num font-semibold">{{ $needle->number }}</td>
                            <td><x-swatch
                                    :hex="$needle->thread?->hex" />{{ $needle->thread
                                        ? $needle->thread->code . ' ' . $needle->thread->name : 'empty' }}
                            </td>
                            <td>
                                <form method="post" action="{{ route('needles.fit', $machine) }}"
                                    class="flex items-center gap-1">
                                    @csrf
                                    <input type="hidden" name="id" value="{{ Str::uuid() }}">
                                    <input type="hidden" name="numbers[]" value="{{ $needle->number }}">
                                    @foreach (Hakama\Machine\NeedleType::KEPT as $part => $kept)
                                        <label for="{{ $part }}-{{ $needle->number }}" class="sr-only">
                                            {{ ucfirst($part) }} of needle {{ $needle->number }}
                                        </label>
                                        <select id="{{ $part }}-{{ $needle->number }}"
                                            name="{{ $part }}" class="!min-h-0 !py-0.5 text-sm">
                                            @if ($needle->$part === '')
                                                <option value="">?</option>
                                            @endif
                                            @foreach ($kept as $one)
                                                <option value="{{ $one }}" @selected($one === $needle->$part)>
                                                    {{ $one }}</option>
                                            @endforeach
                                        </select>
                                    @endforeach
                                    <button class="btn btn-small">Fit<span class="sr-only"> needle
                                            {{ $needle->number }}</span></button>
                                </form>
                            </td>
                            <td>
                                <form method="post"
                                    action="{{ route('needles.pin', [$machine, $needle->number]) }}">@csrf
                                    @method('put')<label class="m-0 flex items-center gap-1"><input type="checkbox"
                                            name="pinned" value="1" @checked($needle->pinned) data-send>
                                        pinned<span class="sr-only"> needle {{ $needle->number }}</span></label>
                                </form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </div>
</x-layout>
