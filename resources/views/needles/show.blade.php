<x-layout station="needles" :title="__('needles.show.needles')">
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
            <span class="now">{{ __('needles.show.load_before', [
                'code' => $machine->code,
                'value' => count($first->load) === 1 ? __('needles.show.one_needle') : __('needles.show.needles_2', [
                    'load' => count($first->load),
                ]),
                'id' => $first->id,
            ]) }}</span> {{ __('needles.show.for_the_next_batches_in_order', [
                'value' => $changes === 1 ? __('needles.show.one_change') : __('needles.show.changes', [
                    'changes' => $changes,
                ]),
                'ahead' => $ahead,
                'booked_changes' => $bookedChanges,
                'reload_changes' => $reloadChanges,
            ]) }}
        @elseif ($ahead === 0)
            {{ __('needles.show.has_no_batches_planned', ['code' => $machine->code]) }}
        @else
            {{ __('needles.show.holds_every_thread_of_its_next', ['code' => $machine->code, 'ahead' => $ahead]) }}
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="show" />
    <div class="rack" tabindex="0" role="group" aria-label="{{ __('needles.show.the_rack') }}">
    <svg viewBox="0 0 1180 232" class="w-full" role="img"
        aria-label="{{ __('needles.show.rack_of', [
            'code' => $machine->code,
            'needles' => $machine->rack->map(static fn($needle) => __(
                isset($toLoad[$needle->number]) ? 'needles.show.rack_needle_to_load' : 'needles.show.rack_needle',
                ['number' => $needle->number, 'thread' => $needle->thread?->name ?? __('needles.show.empty')],
            ))->implode(', '),
        ]) }}">
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
                font-size="12">{{ $needle->thread?->code ?? __('needles.show.empty') }}</text>
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
    </div>
    <p class="mb-5 text-sm text-soft">
        {{ __('needles.show.ring_one_that_is_pinned', [
            'value' => $first ? __('needles.show.the_triangle_marks_a_needle_to', [
                'id' => $first->id,
            ]) : __('needles.show.the'),
            'value_2' => $first ? '' : __('needles.show.marks').' ',
        ]) }}</p>
    <x-wrong field="thread" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <div>
            <h2 class="mb-1">{{ __('needles.show.next_batches') }}</h2>
            @if ($planned === [])
                <p class="note">{{ __('needles.show.no_batch_on_this_machine_set') }}</p>
            @endif
            @foreach ($planned as $i => $batch)
                @php $of = $batches[$batch->id]; @endphp
                <section class="border-b border-ink py-3">
                    <h3 class="font-semibold"><a href="{{ route('needles.card', $batch->id) }}"
                            title="{{ __('needles.show.needle_card') }}">{{ $batch->id }}</a> <span
                            class="font-normal">{{ __('needles.show.pieces_for', [
                                'name' => $of->design->name,
                                'garment' => $of->setup->garment,
                                'left' => $of->left,
                                'customer' => $of->order->customer,
                            ]) }}</span></h3>
                    <p class="my-2 flex flex-wrap gap-x-4 gap-y-1 tabular-nums">
                        <span class="sr-only">{{ __('needles.show.needle_order') }}</span>
                        @foreach ($batch->order as $k => $needle)
                            <span class="whitespace-nowrap"><span class="text-sm text-soft">{{ $k + 1 }}</span>
                                <x-swatch :hex="$of->design->colours()[$k]" /><strong>{{ $needle }}</strong></span>
                        @endforeach
                    </p>
                    @php $alike = collect($fittings[$batch->id] ?? [])->groupBy(static fn($type) => $type->code(), true); @endphp
                    @foreach ($alike as $words => $same)
                        @php
                            $numbers = $same->keys()->all();
                            $mayFit = array_key_first($fittings) === $batch->id;
                        @endphp
                        <div class="flex items-center gap-3 py-1">
                            <span class="min-w-0 flex-1">
                                <x-said key="needles.show.need" :with="[
                                    'words' => $same->first()->label(),
                                    'value' => $machine->workingHeads() > 1 ? __('needles.show.on_each_head') : '',
                                ]">
                                    <x-slot:strong><strong>{{ count($numbers) === 1 ? __('needles.show.needle') : __('needles.show.needles') }}
                                    {{ implode(', ', $numbers) }}:</strong></x-slot:strong></x-said>
                            </span>
                            @if ($mayFit)
                                <form method="post" action="{{ route('needles.fit', $machine) }}">
                                    @csrf
                                    <input type="hidden" name="id" value="{{ Str::uuid() }}">
                                    @foreach ($numbers as $number)
                                        <input type="hidden" name="numbers[]" value="{{ $number }}">
                                    @endforeach
                                    <input type="hidden" name="size" value="{{ $same->first()->size }}">
                                    <input type="hidden" name="point" value="{{ $same->first()->point }}">
                                    <button type="submit" class="btn btn-small btn-now"
                                        @if ($loop->first) data-key="f" @endif>
                                        {{ __('needles.show.they_are_fitted', ['numbers' => count($numbers)]) }}
                                        @if ($loop->first)
                                            <kbd>f</kbd>
                                        @endif
                                    </button>
                                </form>
                            @endif
                        </div>
                    @endforeach
                    @forelse ($batch->load as $change)
                        <div class="flex items-center gap-3 py-1">
                            <span class="min-w-0 flex-1"><x-said key="needles.show.load" :with="['value' => $change->from === null ? ''
                                    : __('needles.show.take_off', ['from' => $change->from, 'name' => $threads[$change->from]->name
                                    ?? '']).' ']"><x-slot:strong><strong>{{ __('needles.show.needle_2', [
                                        'needle' => $change->needle,
                                    ]) }}</strong></x-slot:strong></x-said>
                                <x-swatch :hex="$threads[$change->to]->hex ?? null" />{{ $change->to }}
                                {{ $threads[$change->to]->name ?? '' }} <span
                                    class="text-sm text-soft">{{ __('needles.show.from_shelf', ['shelf' => $threads[$change->to]?->shelf() ?? '', 'value' => $change->beforeBlock > 1
                                        ? __('needles.show.at_the_stop_before_block', [
                                            'before_block' => $change->beforeBlock,
                                        ]) : '']) }}</span></span>
                            @if ($i === 0 || collect($planned)->take($i)->every(fn($b) => $b->load === []))
                                <form method="post" action="{{ route('needles.load', [$machine, $change->needle]) }}">
                                    @csrf
                                    <input type="hidden" name="thread" value="{{ $change->to }}"><input
                                        type="hidden" name="seen"
                                        value="{{ (int) $machine->rack->firstWhere('number',
                                            $change->needle)->thread_id }}">
                                    <button type="submit" class="btn btn-small btn-now"
                                        @if ($loop->first && $batch === $first)
                                            data-key="l" @endif>{{ __('needles.show.needle_is_loaded', [
                                            'needle' => $change->needle,
                                        ]) }}{!! $loop->first && $batch === $first
                                            ? ' <kbd>l</kbd>' : '' !!}</button>
                                </form>
                            @endif
                        </div>
                    @empty
                        <p class="text-sm text-soft">{{ __('needles.show.nothing_to_load') }}</p>
                    @endforelse
                </section>
            @endforeach
            <x-because :about="__('needles.show.why_these_needles')">{{ __('needles.show.a_thread_on_the_rack_stays', [
                'code' => $machine->code,
                'changes' => $changes ?? __('needles.show.none'),
                'booked_changes' => $bookedChanges ?? __('needles.show.none'),
                'reload_changes' => $reloadChanges,
            ]) }}</x-because>
        </div>
        <div>
            <h2 class="mb-1">{{ __('needles.show.the_rack') }}</h2>
            @foreach (['numbers', 'numbers.0', 'size', 'point'] as $field)
                <x-wrong :field="$field" />
            @endforeach
            <table>
                <thead>
                    <tr>
                        <th class="num">{{ __('needles.show.no') }}</th>
                        <th>{{ __('needles.show.thread') }}</th>
                        <th>{{ __('needles.show.fitted_needle') }}</th>
                        <th>{{ __('needles.show.pin') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($machine->rack as $needle)
                        <tr>
                            <td class="num font-semibold">{{ $needle->number }}</td>
                            <td><x-swatch
                                    :hex="$needle->thread?->hex" />{{ $needle->thread
                                        ? $needle->thread->code . ' ' . $needle->thread->name : __('needles.show.empty') }}
                            </td>
                            <td>
                                <form method="post" action="{{ route('needles.fit', $machine) }}"
                                    class="flex items-center gap-1">
                                    @csrf
                                    <input type="hidden" name="id" value="{{ Str::uuid() }}">
                                    <input type="hidden" name="numbers[]" value="{{ $needle->number }}">
                                    @foreach (Hakama\Machine\NeedleType::KEPT as $part => $kept)
                                        <label for="{{ $part }}-{{ $needle->number }}" class="sr-only">
                                            {{ __('needles.show.of_needle', [
                                                'part' => __('needles.part.'.$part),
                                                'number' => $needle->number,
                                            ]) }}
                                        </label>
                                        <select id="{{ $part }}-{{ $needle->number }}"
                                            name="{{ $part }}" class="tight text-sm">
                                            @if ($needle->$part === '')
                                                <option value="">?</option>
                                            @endif
                                            @foreach ($kept as $one)
                                                <option value="{{ $one }}" @selected($one === $needle->$part)>
                                                    {{ $part === 'point' ? __('needles.point.'.$one) : $one }}</option>
                                            @endforeach
                                        </select>
                                    @endforeach
                                    <button type="submit" class="btn btn-small">{{ __('needles.show.fit') }}<span
                                        class="sr-only"> {{ __('needles.show.needle_3', [
                                        'number' => $needle->number,
                                    ]) }}</span></button>
                                </form>
                            </td>
                            <td>
                                <form method="post"
                                    action="{{ route('needles.pin', [$machine, $needle->number]) }}">@csrf
                                    @method('put')<label class="m-0 flex items-center gap-1"><input type="checkbox"
                                            name="pinned" value="1" @checked($needle->pinned) data-send>
                                        {{ __('needles.show.pinned') }}<span
                                            class="sr-only"> {{ __('needles.show.needle_3', [
                                            'number' => $needle->number,
                                        ]) }}</span></label>
                                    <noscript><button type="submit" class="btn btn-small">{{ __('needles.show.save_pin') }}</button></noscript>
                                </form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </div>
</x-layout>
