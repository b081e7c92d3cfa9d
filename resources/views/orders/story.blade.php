<x-layout station="orders" :title="'Order ' . $order->number . ', what happened'">
    <x-slot:say>Blanks that came, what was handed over, what the customer is told, and who changed what.</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>No. {{ $order->number }} for {{ $order->customer->name }}</h1>
        <a class="ml-auto" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order <kbd>b</kbd></a>
    </div>
    <section class="mb-6">
        <h2 class="mb-2">Blanks</h2>
        @foreach ($order->lines as $line)
            <div class="mb-2 flex flex-wrap items-center gap-x-4 text-sm">
                <strong class="w-56">{{ $line->garmentLabel() }}</strong><span
                    class="text-soft">{{ $garments->blanks($line->id) ?: 'not counted yet' }}</span>
                <details @if ($errors->hasAny(['good', 'wrong', 'arrival_note'])) open @endif>
                    <summary>Blanks came</summary>
                    <form method="post" action="{{ route('orders.arrive', $line) }}"
                        class="mt-1 flex flex-wrap items-end gap-3">@csrf<input type="hidden" name="id"
                            value="{{ Str::uuid() }}">
                        <x-field name="good" label="Right" inputmode="numeric" box="w-24" />
                        <x-field name="wrong" label="Wrong" inputmode="numeric" box="w-24" />
                        <x-field name="arrival_note" label="What is wrong" maxlength="200" box="w-64" />
                        <button class="btn btn-small">Counted</button>
                    </form>
                </details>
            </div>
        @endforeach
    </section>
    <x-wrong field="good" />
    <x-wrong field="sizes" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">Hand over</h2>
            @if ($order->cancelled_at)
                <form method="post" action="{{ route('orders.reopen', $order) }}" class="mb-3">@csrf<button
                        class="btn">It is wanted again</button></form>
            @endif
            @php
                $sum = fn(array $of) => array_sum(array_map('array_sum', $of));
                [$ordered, $done, $gone] = [$sum($garments->wanted), $sum($garments->done), $sum($garments->handed)];
            @endphp
            <p class="mb-2">Ordered {{ $ordered }}, handed over {{ $gone }}, done and here {{ $done - $gone }},
                still to come {{ $ordered - $done }}.</p>
            <form method="post" action="{{ route('orders.shelve', $order) }}"
                class="mb-3 flex flex-wrap items-end gap-3">
                @csrf @method('put')<x-field name="shelf" label="What is ready lies at" :value="$order->shelf"
                    maxlength="40"
                    box="w-56" /><button class="btn">Keep it</button></form>
            @if ($garments->hasToHandOver())
                <p class="mb-3"><a href="{{ route('orders.count', $order) }}" data-key="u">Count them by their labels
                        <kbd>u</kbd></a></p>
                <form method="post" action="{{ route('orders.hand', $order) }}">@csrf<input type="hidden" name="id"
                        value="{{ Str::uuid() }}">
                    @foreach ($order->lines as $line)
                        <div class="mb-2 flex flex-wrap items-end gap-3">
                            <span class="w-56">{{ $line->garmentLabel() }}</span>
                            @foreach (array_keys($garments->done[$line->id] ?? []) as $size)
                                @php $left = $garments->toHandOver($line->id, (string) $size); @endphp
                                @if ($left > 0)
                                    <div class="w-20"><label
                                            for="h-{{ $line->id }}-{{ $size }}">{{ $size === 'one'
                                                ? 'Garments' : $size }}</label><input
                                            id="h-{{ $line->id }}-{{ $size }}" class="num" inputmode="numeric"
                                            name="sizes[{{ $line->id }}][{{ $size }}]" value="{{ $left }}"></div>
                                @endif
                            @endforeach
                        </div>
                    @endforeach
                    <button class="btn" data-key="v">Handed over, with a slip <kbd>v</kbd></button>
                </form>
            @else
                <p class="text-soft">Nothing is done and still here.</p>
            @endif
            @if ($slips->isNotEmpty())
                <ul class="mt-3">
                    @foreach ($slips as $slip)
                        <li><a href="{{ route('orders.slip', [$order, $slip->number]) }}">Slip
                                {{ $order->number }}.{{ $slip->number }}</a>, {{ $slip->piece_count }}
                            {{ $slip->piece_count === 1 ? 'garment' : 'garments' }},
                            {{ $slip->handed_at->format('j M, H:i') }}{{ $slip->who !== '' ? ', ' . $slip->who : '' }}
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section>
            <h2 class="mb-2">To tell the customer</h2>
            @foreach ($messages as $about => $text)
                <details class="border-b border-hair py-1">
                    <summary>{{ $about }}</summary>
                    <textarea id="m-{{ $loop->index }}" rows="6" readonly class="mt-1">{{ $text }}</textarea>
                    <button type="button" class="btn btn-small mt-1" data-copy="m-{{ $loop->index }}">Copy it</button>
                </details>
            @endforeach
        </section>
    </div>
    @if ($changes->isNotEmpty())
        <h2 class="mb-1 mt-6">What happened to it</h2>
        <x-change-table :changes="$changes" />
    @endif
</x-layout>
