<x-layout station="artwork" :title="$artwork->name">
    @php
        $n = static fn (float $value, int $digits = 0) => number_format($value, $digits, '.', "\u{202F}");
        $bare = $artwork->blocks->whereNull('thread_id');
        $colours = $artwork->blocks->map(static fn ($b) => $b->thread->hex ?? '-')->implode(',');
    @endphp
    <x-slot:say>
        @if ($artwork->read_at === null){{ $artwork->name }} is being read; this page may be left.
        @elseif ($bare->isNotEmpty())<span class="now">Choose a thread for block {{ $bare->pluck('number')->implode(', ') }}.</span>
        @else {{ $artwork->name }} has all its threads; next it is set up.@endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4"><h1>{{ $artwork->name }}</h1><span class="text-sm text-soft">{{ $artwork->file_name }}</span><a class="ml-auto" href="{{ route('artwork.index') }}" data-key="b">All artwork <kbd>b</kbd></a></div>
    @if ($artwork->read_at === null)
        <p class="note" hx-get="{{ route('artwork.show', $artwork) }}" hx-trigger="every 2s" hx-target="body">{{ $artwork->refused ?? 'The tape is long and is being read by the worker.' }}</p>
    @else
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div>
            <div class="weave flex h-[440px] items-center justify-center border border-hair p-5">
                <img id="drawing" src="{{ route('artwork.drawing', [$artwork, 'v' => substr(md5($artwork->checksum.$colours), 0, 8)]) }}" alt="{{ $artwork->name }} drawn in its thread colours" class="drawing h-full w-full object-contain">
            </div>
            @if ($artwork->findings !== [])
                <h2 class="mb-1 mt-5">Findings</h2>
                <ul>@foreach ($artwork->findings as [$code, $message])<li class="border-b border-hair py-2"><span class="text-sm text-soft">{{ str_replace('_', ' ', $code) }}</span><br>{{ $message }}</li>@endforeach</ul>
            @else
                <p class="mt-4 text-soft">Nothing odd was found in this tape.</p>
            @endif
        </div>
        <div>
            <table>
                <caption class="sr-only">Blocks and their threads</caption>
                <thead><tr><th>Block</th><th>Thread</th><th class="num">Stitches</th><th class="num">Top m</th><th><span class="sr-only">Choose</span></th></tr></thead>
                <tbody>
                @foreach ($artwork->blocks as $block)
                    <tr>
                        <td class="tabular-nums">{{ $block->number }}</td>
                        <td><x-swatch :hex="$block->thread?->hex" />@if ($block->thread){{ $block->thread->code }} {{ $block->thread->name }}{{ $block->thread->weight !== 40 ? ', '.$block->thread->weight.' wt' : '' }}@else<span class="now">none yet</span>@endif</td>
                        <td class="num">{{ $n($block->stitches) }}</td>
                        <td class="num">{{ $n($uses[$block->number]->topM, 1) }}</td>
                        <td class="num"><button class="btn btn-small" hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" hx-target="#choose" hx-swap="innerHTML" @if ($loop->first) data-key="t" data-does="Choose a thread for the first block" @endif aria-label="Choose the thread of block {{ $block->number }}">Choose</button></td>
                    </tr>
                @endforeach
                </tbody>
            </table>
            <x-wrong field="thread" />
            <div id="choose" aria-live="polite"></div>
            <dl class="facts mt-5">
                <dt>Stitches</dt><dd>{{ $n($artwork->stitches) }}</dd>
                <dt>Colour changes, trims, jumps</dt><dd>{{ $artwork->changes }}, {{ $artwork->trims }}, {{ $artwork->jumps }}</dd>
                <dt>Size</dt><dd>{{ $n($artwork->bounds()->width(), 1) }} × {{ $n($artwork->bounds()->height(), 1) }} mm</dd>
                <dt>Longest, shortest stitch</dt><dd>{{ $n($artwork->coreLengths()->longestMm(), 1) }}, {{ $n($artwork->coreLengths()->shortestMm(), 1) }} mm</dd>
                <dt>Densest spot</dt><dd>{{ $artwork->densest[0] }} per mm²</dd>
                <dt>Thread for one piece</dt><dd>{{ $n($topM, 1) }} m top, {{ $n($bobbinM, 1) }} m bobbin</dd>
                <dt>Sewn centre-out, bottom-up</dt><dd>{{ $artwork->centre_out }}, {{ $artwork->bottom_up }}</dd>
            </dl>
            <x-because about="How these were worked out">Counted from the records of the tape, not from its header. Thread is length and stitches by the factors under <a href="/shop#top_thread_per_length">Shop</a>. The order of sewing is judged by how the objects’ sequence goes with their distance from the middle and their height.</x-because>
            @if ($ordered->isNotEmpty())<p class="mt-4 text-sm">In orders @foreach ($ordered as $number)<a href="{{ route('orders.show', $number) }}">{{ $number }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach</p>@endif
        </div>
    </div>
    @endif
</x-layout>
