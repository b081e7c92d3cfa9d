<x-layout station="floor" title="Hooping" :floor="true">
    <x-slot:say>
        @if ($row === null)
            Nothing waits for a frame.
        @elseif ($row->when === 'now')
            <span class="now">{{ $row->machine }} stands for want of {{ $row->batch->code }},
                {{ $row->sizeLabel() }}.</span>
        @else
            Next into a frame: {{ $row->batch->code }}, {{ $row->sizeLabel() }}.
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>Hooping bench</h1>
        <a class="ml-auto" href="{{ route('floor.board') }}" data-key="v">All machines <kbd>v</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    @if ($row === null)
        <p class="note">What is planned and not yet in a frame stands here, size by size.</p>
    @else
        <div class="grid grid-cols-1 gap-6 md:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)]">
            <section aria-label="What waits for a frame">
                <ol>
                    @foreach ($bench->rows as $one)
                        @php $isThis = $one->batch->code === $row->batch->code && $one->size === $row->size; @endphp
                        <li class="border-b border-hair">
                            <a @class(['flex items-baseline gap-3 py-2 no-underline',
                                'border-l-[10px] border-ink bg-paper pl-3' => $isThis])
                                @if ($isThis) aria-current="true" @endif
                                href="{{ route('floor.bench', ['batch' => $one->batch->code,
                                    'size' => $one->size]) }}"><strong
                                    class="w-12">{{ $one->machine }}</strong><span
                                        class="flex-1 text-base">{{ $one->batch->code }}
                                    {{ $one->batch->setup->garment }}, <strong>{{ $one->sizeLabel() }}</strong><span
                                        class="block text-soft">{{ $one->frame->code }},
                                        {{ $one->frame->free === 0
                                            ? 'none is free' : $one->frame->free . ' free' }}{{ $one->isOn
                                            ? ($one->when === '' ? ', enough is hooped' : '')
                                            : ', the batch after' }}</span></span><span
                                    class="big !text-2xl">{{ count($one->pieces) }}</span></a>
                        </li>
                    @endforeach
                </ol>
            </section>
            <section aria-label="How it is hooped" class="max-md:order-first">
                <h2>{{ $row->batch->design->name }} on {{ $row->batch->setup->garment }},
                    {{ $row->batch->setup->position }}</h2>
                <p class="big my-2">{{ $row->sizeLabel() }}</p>
                @if ($row->place !== '')
                    <p class="text-xl font-semibold">{{ ucfirst($row->place) }}</p>
                @endif
                <div hx-get="{{ route('setup.show', ['decoration' => $row->batch->decorationId,
                    'size' => $row->size]) }}"
                    hx-select="#on-garment" hx-trigger="load" hx-swap="innerHTML" class="my-3 min-h-[200px]"></div>
                <p class="text-base">Backing: {{ $row->batch->setup->backing }}{{ $row->batch->setup->topper
                    ? ', film on top' : '' }};
                    @if ($row->cut)
                        cut {{ $row->cut->cut_at->format('j M, H:i') }}{{ $row->cut->who !== ''
                            ? " by {$row->cut->who}" : '' }}.
                    @else
                        not cut yet: <a href="{{ route('setup.backing') }}">which stock it comes from</a>.
                    @endif
                </p>
                <p class="text-base text-soft">Reckoned with {{ $row->frame->hoopS }} s a frame. <output
                        class="tabular-nums"
                        data-since data-says="Since the last touch"></output></p>
                @if ($row->isHoopable())
                    <form method="post" action="{{ route('floor.events', $row->machine) }}" class="mt-3">@csrf<input
                            type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden" name="batch"
                            value="{{ $row->batch->code }}"><input type="hidden" name="kind" value="piece_hooped"><input
                            type="hidden" name="piece" value="{{ $row->pieces[0] }}"><input type="hidden"
                                name="at_bench"
                            value="1"><button class="btn btn-main w-full" data-key="h">One is hooped
                            <kbd>h</kbd></button></form>
                @else
                    <p class="note mt-3">{{ $row->frame->free === 0
                        ? "Every {$row->frame->code} holds something: it is hooped when one comes back."
                        : 'Made ready here; into the frame when the batch before it is hooped out.' }}</p>
                @endif
                <x-wrong field="piece" />
                @if ($row->kept)
                    <div class="mt-4 flex flex-wrap items-baseline gap-3 text-base">
                        <span>Found once on this size{{ $row->kept->peg !== '' ? ": peg {$row->kept->peg}" : '' }}
                            ({{ $row->kept->who !== '' ? "{$row->kept->who}, "
                                : '' }}{{ $row->kept->kept_at->format('j M') }}).
                            Was it right?</span>
                        <form method="post" action="{{ route('floor.bench.right', $row->kept) }}">@csrf<button
                                class="btn btn-small" data-key="y">It was right <kbd>y</kbd></button></form>
                        <a class="btn btn-small"
                            href="{{ route('setup.show', ['decoration' => $row->batch->decorationId,
                                'size' => $row->size]) }}">Keep
                            another place</a>
                    </div>
                @endif
            </section>
        </div>
    @endif
</x-layout>
