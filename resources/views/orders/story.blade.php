@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="__('orders.story.order_history', ['number' => $order->number])">
    <x-slot:say>{{ __('orders.story.blanks_received_pieces_handed_over_messages') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('orders.story.no_for', ['number' => $order->number, 'name' => $order->customer->name]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.story.back_to_the_order') }} <kbd>b</kbd></a>
    </div>
    <div id="steps" class="mb-6 min-h-[150px] sm:min-h-14">
    <h2 class="sr-only">{{ __('orders.story.steps') }}</h2>
    <x-steps :of="$steps" days />
    </div>
    <div id="story">
    <section class="mb-6">
        <h2 class="mb-2">{{ __('orders.story.blanks') }}</h2>
        @foreach ($order->lines as $line)
            @include('orders.blanks', ['isOpen' => (int) old('line') === $line->id])
        @endforeach
    </section>
    <x-wrong field="sizes" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">{{ __('orders.story.hand_over') }}</h2>
            @if ($order->cancelled_at)
                <form method="post" action="{{ route('orders.reopen', $order) }}" class="mb-3">@csrf<button
                    type="submit"
                        class="btn">{{ __('orders.story.required_again') }}</button></form>
            @endif
            @php
                $sum = fn(array $of) => array_sum(array_map('array_sum', $of));
                [$ordered, $done, $gone] = [$sum($garments->wanted), $sum($garments->done), $sum($garments->handed)];
            @endphp
            <p class="mb-2">{{ __('orders.story.ordered_handed_over_finished_and_here', [
                'ordered' => $ordered,
                'gone' => $gone,
                'done' => $done - $gone,
                'ordered_2' => $ordered - $done,
            ]) }}</p>
            <form method="post" action="{{ route('orders.shelve', $order) }}"
                class="mb-3 flex flex-wrap items-end gap-3">
                @csrf @method('put')<x-field name="shelf" :label="__('orders.story.finished_pieces_shelf')"
                    :value="$order->shelf"
                    maxlength="40"
                    box="w-56" /><button type="submit" class="btn">{{ __('orders.story.save') }}</button></form>
            @if ($garments->hasToHandOver())
                <p class="mb-3"><a href="{{ route('orders.count', $order) }}"
                    data-key="u">{{ __('orders.story.count_by_label') }}
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
                                                ? __('orders.story.quantity') : $size }}</label><input type="text"
                                            id="h-{{ $line->id }}-{{ $size }}" class="num" inputmode="numeric"
                                            name="sizes[{{ $line->id }}][{{ $size }}]" value="{{ $left }}"></div>
                                @endif
                            @endforeach
                        </div>
                    @endforeach
                    <button type="submit" class="btn"
                        data-key="v">{{ __('orders.story.hand_over_and_make_a_slip') }} <kbd>v</kbd></button>
                </form>
            @else
                <p class="text-soft">{{ __('orders.story.nothing_finished_is_here') }}</p>
            @endif
            @if ($slips->isNotEmpty())
                <ul class="mt-3">
                    @foreach ($slips as $slip)
                        <li><a href="{{ route('orders.slip', [$order, $slip->number]) }}">{{ __('orders.story.slip', [
                            'number' => $order->number,
                            'number_2' => $slip->number,
                        ]) }}</a>, {{ $slip->piece_count }}
                            {{ $slip->piece_count === 1 ? __('orders.story.garment') : __('orders.story.garments') }},
                            {{ Dates::dateTime($slip->handed_at) }}{{ $slip->who !== '' ? ', ' . $slip->who : '' }}
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section>
            <h2 class="mb-2">{{ __('orders.story.message_to_the_customer') }}</h2>
            @php $reads = $order->customer->language; @endphp
            <form method="post" action="{{ route('orders.language', $order) }}"
                class="mb-2 flex items-center gap-2">@csrf @method('put')
                <label for="reads">{{ __('orders.story.customer_reads', ['name' => $order->customer->name]) }}</label>
                <select id="reads" name="reads" class="!w-auto">
                    <option value="">{{ __('orders.story.as_the_shop') }}</option>
                    @foreach (App\Foundation\Words\Languages::all() as $code => $name)
                        <option value="{{ $code }}" lang="{{ $code }}" @selected(old('reads', $reads) === $code)>{{ $name }}</option>
                    @endforeach
                </select><button type="submit" class="btn btn-small">{{ __('orders.story.save_language') }}</button>
            </form>
            <x-wrong field="reads" />
            @foreach ($messages as $about => $text)
                <details class="border-b border-hair py-1">
                    <summary>{{ App\Orders\Letters\LetterKind::from($about)->label() }}</summary>
                    <textarea id="m-{{ $loop->index }}" rows="6" readonly class="mt-1" lang="{{ $reads ?? $language }}">{{ $text }}</textarea>
                    <button type="button" class="btn btn-small mt-1"
                        data-copy="m-{{ $loop->index }}">{{ __('orders.story.copy') }}</button>
                    <a class="btn btn-small mt-1" href="{{ route('orders.letters.open', [$order, $about]) }}">{{ __('letters.page.open') }}</a>
                </details>
            @endforeach
            @include('orders.letters')
        </section>
    </div>
    @if ($changes->isNotEmpty())
        <h2 class="mb-1 mt-6">{{ __('orders.story.history') }}</h2>
        <x-change-table :changes="$changes" />
    @endif
    </div>
</x-layout>
