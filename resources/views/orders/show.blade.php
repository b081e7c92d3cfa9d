<x-layout station="orders" :title="'Order ' . $order->number">
    <x-slot:say>
        @if ($order->cancelled_at)
            No. {{ $order->number }} was cancelled {{ $order->cancelled_at->format('j M, H:i') }}.
        @elseif ($blanksShort > 0)
            <span class="now">No. {{ $order->number }} is {{ $blanksShort }}
                {{ $blanksShort === 1 ? 'blank' : 'blanks' }} short: it cannot be finished before they come.</span>
        @elseif ($ends === null)
            No. {{ $order->number }} has no place in the plan yet, or is done.
        @elseif ($ends > $order->due_at)
            <span class="now">No. {{ $order->number }} ends {{ App\Foundation\Clock\ShopClock::words($ends) }}, after its
                time.</span>
        @else
            No. {{ $order->number }} ends {{ App\Foundation\Clock\ShopClock::words($ends) }}, in time.
        @endif
    </x-slot:say>
    <div class="mb-1 flex items-baseline gap-4">
        <h1>No. {{ $order->number }} for {{ $order->customer->name }}</h1>
        <a class="ml-auto" href="{{ route('orders.money', $order) }}" data-key="m"
            data-does="What it costs and earns">Money <kbd>m</kbd></a>
        <a href="{{ route('orders.tags', $order) }}" data-key="l">Labels <kbd>l</kbd></a>
        <a href="{{ route('orders.story', $order) }}" data-key="h"
            data-does="Blanks, hand over, messages, history">Blanks, hand over, history <kbd>h</kbd></a>
        <a class="btn btn-small" href="{{ route('orders.edit', $order) }}" data-key="c">Change it <kbd>c</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">All orders <kbd>b</kbd></a>
    </div>
    @if ($odds && $ends !== null)
        <p class="mb-1">Kept in <x-odds :of="$odds" />
            @if ($odds->promise !== null)
                To promise as the house does: {{
                    App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($odds->promise)) }}.
            @endif
            @if ($odds->endangered !== null)
                What moves it most is <a
                    href="{{ route('plan.why', $odds->endangered) }}">{{ $odds->endangered }}</a>.
            @endif
        </p>
    @endif
    <p class="mb-5 text-soft">Due {{ $order->due_at->format('l j F, H:i') }}{{ $order->for_event
        ? ', for an event' : '' }}. Received
        {{ $order->received_at->format('D j M, H:i') }}.{{ $order->shelf !== ''
            ? " What is ready lies at {$order->shelf}." : '' }}{{ $order->note !== '' ? ' ' . $order->note : '' }}</p>
    @foreach ($order->lines as $line)
        <section class="mb-6">
            <h2 class="mb-2"><x-swatch :hex="$line->colour_hex" />{{ $line->garmentLabel() }} <span
                    class="font-sans text-base font-normal text-soft">{{ $line->fabricLabel() }}{{
                        $line->profile !== Hakama\Garment\Profile::None
                            ? ", {$line->structure->value}, {$line->profile->value} profile"
                            : '' }}{{ $line->patch_back === null ? '' : ", {$line->patch_back->label()}" }}</span>
            </h2>
            <table>
                <thead>
                    <tr>
                        <th>Where</th>
                        <th>Artwork</th>
                        <th>Sizes</th>
                        <th>Pieces done</th>
                        <th>Stands at</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($line->decorations as $decoration)
                        @php
                            $of = $pieces[$decoration->id] ?? collect();
                            $done = (int) $of->where('state', 'done')->sum('pieces');
                            $all = (int) $of->sum('pieces');
                        @endphp
                        <tr>
                            <td>{{ $decoration->positionLabel() }}</td>
                            <td>
                                @if ($decoration->artwork)
                                    <a
                                    href="{{ route('artwork.show',
                                        $decoration->artwork_id) }}">{{ $decoration->artwork->name }}</a>
                                    @if (isset($versions[$decoration->artwork_id]) && $done === 0)
                                        <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                                            class="mt-1 flex gap-2">@csrf @method('put')
                                            <label class="sr-only" for="version{{ $decoration->id }}">Version for
                                                {{ $decoration->positionLabel() }}</label>
                                            <select id="version{{ $decoration->id }}" name="artwork_id"
                                                class="max-w-40 !py-1">
                                                @foreach ($versions[$decoration->artwork_id] as $version)
                                                    <option value="{{ $version->id }}"
                                                        @selected($version->id === $decoration->artwork_id)>
                                                        {{ $version->name }}</option>
                                                @endforeach
                                            </select>
                                            <button class="btn btn-small">Take this version</button>
                                        </form>
                                    @endif
                                    @if ($of->every(fn($some) => $some->state === 'waiting')
                                        && ! $named->contains($decoration->id))
                                        <details class="mt-1" hx-get="{{ route('orders.artworks', $decoration) }}"
                                            hx-trigger="toggle once" hx-target="find div" hx-swap="innerHTML">
                                            <summary class="text-sm text-soft">Another artwork</summary>
                                            <div></div>
                                        </details>
                                    @endif
                                @else<span
                                        class="text-soft">comes later</span>
                                @endif
                                @if ($decoration->artwork?->read_at !== null)
                                    <a class="block text-sm" href="{{ route('orders.colours', $decoration) }}"
                                        @if ($loop->parent->first && $loop->first) data-key="k"
                                            data-does="Sew it in other colours"
                                                @endif>Colours @if ($loop->parent->first
                                                    && $loop->first) <kbd>k</kbd>@endif</a>
                                @endif
                                @if ($done === 0 || $named->contains($decoration->id))
                                    <a class="block text-sm" href="{{ route('orders.names', $decoration) }}"
                                        @if ($loop->parent->first && $loop->first) data-key="n"
                                            data-does="A name on each" @endif>{{ $named->contains($decoration->id)
                                                ? 'The names' : 'A name on each' }}@if ($loop->parent->first
                                                && $loop->first) <kbd>n</kbd>@endif</a>
                                @endif
                            </td>
                            <td class="tabular-nums">
                                @foreach ($of->groupBy('size') as $size => $some)
                                    {{ $size === 'one' ? '' : $size . ' ' }}{{ $some->sum('pieces') }}{{ $loop->last
                                        ? '' : ', ' }}
                                @endforeach
                            </td>
                            <td>
                                <div class="flex items-center gap-3">
                                    <div class="w-32"><x-strip :done="$done"
                                        :sewing="(int) $of->where('state', 'sewing')->sum('pieces')"
                                            :of="$all" /></div><span class="num">{{ $done }} /
                                        {{ $all }}</span>
                                </div>
                            </td>
                            <td>
                                @if ($all > 0 && $done === $all)
                                    done
                                @elseif ($decoration->artwork === null)
                                    <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                                        class="flex gap-2">@csrf @method('put')
                                        <label class="sr-only" for="art{{ $decoration->id }}">Artwork for
                                            {{ $decoration->positionLabel() }}</label>
                                        <select id="art{{ $decoration->id }}" name="artwork_id" class="max-w-40">
                                            @foreach ($artworks as $id => $name)
                                                <option value="{{ $id }}">{{ $name }}</option>
                                            @endforeach
                                        </select>
                                        <button class="btn btn-small">Use it</button>
                                    </form>
                                @elseif (isset($open[$decoration->id]))
                                    <a href="{{ route('plan.show') }}">{{ $open[$decoration->id]->code }}
                                        {{ $open[$decoration->id]->queued->machine
                                            ? 'on ' . $open[$decoration->id]->queued->machine : 'on no machine' }}</a>,
                                    {{ $open[$decoration->id]->batch->equipment->frame }}
                                    @if ($open[$decoration->id]->copies > 1)
                                        @php $over = Hakama\Machine\CopiesPerFrame::over($open[$decoration->id]->left,
                                            $open[$decoration->id]->copies); @endphp
                                        <span class="block text-sm text-soft">{{ $open[$decoration->id]->copies }} to a
                                            frame: {{ $open[$decoration->id]->batch->pieces }}
                                            {{ $open[$decoration->id]->batch->pieces === 1 ? 'frame' : 'frames' }} to
                                            sew{{ $over > 0 ? ", {$over} over on the last" : '' }}</span>
                                    @endif
                                @else<a href="{{ route('setup.show', $decoration) }}">to be set up</a>
                                @endif
                                @foreach ($warnings[$decoration->id] ?? [] as $warning)
                                    <p @class(['now' => $warning->stops]) role="alert">{{ $warning->text }}</p>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
</x-layout>
