@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $cloth = $decoration->line->colour_hex;
    $ownSign = substr(md5($artwork->checksum . $own->pluck('hex')->implode(',')), 0, 8);
@endphp
<x-layout station="orders" :title="'Colours, order ' . $decoration->line->order->number">
    <x-slot:say>
        @if ($onCloth->hidden !== [])
            <span class="now">Block {{ implode(', ', $onCloth->hidden) }} hardly
                {{ count($onCloth->hidden) === 1 ? 'shows' : 'show' }} on this cloth.</span>
        @else
            Every thread shows on {{ $decoration->line->colour_name }}.
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-4">
        <h1>Colours: {{ $artwork->name }} on {{ $decoration->line->garmentLabel() }}</h1>
        <a class="ml-auto" href="{{ route('orders.show', $decoration->line->order) }}" data-key="b">Order
            {{ $decoration->line->order->number }} <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
        <section aria-label="On the cloth">
            <div class="grid grid-cols-2 gap-4">
                <figure class="m-0">
                    <div class="flex h-72 items-center justify-center p-5" style="background-color: {{ $cloth }}">
                        <img class="max-h-full max-w-full" alt="{{ $artwork->name }} in its own threads on this cloth"
                            src="{{ route('artwork.drawing', [$artwork, 'v' => $ownSign]) }}">
                    </div>
                    <figcaption class="mt-1 text-sm text-soft">As the artwork has
                        it{{ $before->hidden === [] ? ''
                            : ': block ' . implode(', ', $before->hidden) . ' hardly shows' }}
                    </figcaption>
                </figure>
                <figure class="m-0">
                    <div class="flex h-72 items-center justify-center p-5" style="background-color: {{ $cloth }}">
                        <img class="max-h-full max-w-full" alt="{{ $artwork->name }} as it is sewn on this line"
                            src="{{ route('orders.colours.drawing', [$decoration, 'v' => $sign]) }}">
                    </div>
                    <figcaption class="mt-1 text-sm text-soft">
                        {{ $ways === [] ? 'On this line: the same' : 'On this line' }}</figcaption>
                </figure>
            </div>
        </section>
        <form method="post" action="{{ route('orders.colours', $decoration) }}">@csrf @method('put')
            <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
            <x-wrong field="seen" />
            <table>
                <thead>
                    <tr>
                        <th>Block</th>
                        <th>Its own</th>
                        <th>On this line</th>
                        <th class="num">Off the cloth</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($artwork->blocks as $i => $block)
                        @php $delta = $onCloth->apart[$i]; @endphp
                        <tr>
                            <td>{{ $block->number }}</td>
                            <td><x-swatch :hex="$block->thread?->hex" />{{ $block->thread?->code ?? 'none yet' }}</td>
                            <td><label class="sr-only" for="block-{{ $block->number }}">Thread of block
                                    {{ $block->number }}</label>
                                <span class="flex items-center gap-2"><x-swatch :hex="$here[$i]?->hex" />
                                    <select id="block-{{ $block->number }}" name="blocks[{{ $block->number }}]"
                                        @if ($loop->first) data-key="c" data-does="Choose the first thread" @endif>
                                        @if ($here[$i] === null)
                                            <option value="">none yet</option>
                                        @endif
                                        @foreach ($threads as $thread)
                                            <option value="{{ $thread->code }}"
                                                @selected(old("blocks.{$block->number}",
                                                    $here[$i]?->code) === $thread->code)>
                                                {{ $thread->code }} {{ $thread->name }}</option>
                                        @endforeach
                                    </select></span>
                                <x-wrong :field="'blocks.' . $block->number" />
                            </td>
                            <td @class(['num', 'now' => in_array($i + 1, $onCloth->hidden, true)])>
                                {{ $delta === null ? '' : $n($delta, 1) }}@if (in_array($i + 1, $onCloth->hidden, true))
                                    <span class="block text-sm">hardly shows</span>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-4"><button class="btn btn-main" data-key="s">Keep these colours <kbd>s</kbd></button></p>
            <x-because about="What the figures mean">How far a thread is from the cloth, by CIEDE2000. Under
                {{ $n($shows) }} it hardly shows:
                a <a href="/shop#thread_shows_delta_e">rule of the house</a>. Setup, needles, plan and thread go by
                    what is
                kept here.</x-because>
        </form>
    </div>
</x-layout>
