<x-layout station="orders" title="Quotes">
    @php
        $m = static fn(int $cents) => App\Shop\Figure::words($cents / 100, 2);
        $open = collect($quotes->items())->filter(static fn($one) => $one->state->isOpen());
    @endphp
    <x-slot:say>
        @if ($open->isEmpty())
            No quote waits for an answer.
        @else
            <span class="now">{{ $open->count() === 1 ? 'One quote waits' : $open->count() . ' quotes wait' }} for an
                answer:</span> {{ $m($open->sum('price_cents')) }} {{ $currency }} together.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>Quotes</h1>
        <a class="ml-auto" href="{{ route('orders.ask') }}" data-key="q">What would it cost <kbd>q</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">All orders <kbd>b</kbd></a>
    </div>
    <x-wrong field="why" />
    @if ($quotes->isEmpty())
        <p class="note">None yet. Work one out under “What would it cost” and keep it for whom it is.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>Quote</th>
                    <th>For</th>
                    <th class="num">Garments</th>
                    <th class="num">Price, {{ $currency }}</th>
                    <th class="num">Margin</th>
                    <th>Given</th>
                    <th>What became of it</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($quotes as $quote)
                    <tr>
                        <td><a href="{{ route('orders.quotes.paper', $quote) }}">{{ $quote->label() }}</a></td>
                        <td>{{ $quote->customer }}</td>
                        <td class="num">{{ $quote->pieces }}</td>
                        <td class="num">{{ $m($quote->price_cents) }}@if ($quote->least_cents !== $quote->most_cents)
                                <span class="block text-sm text-soft">{{ $m($quote->least_cents) }} to
                                    {{ $m($quote->most_cents) }}</span>
                            @endif
                        </td>
                        <td class="num">
                            {{ $quote->price_cents === 0 ? ''
                                : App\Shop\Figure::words((100 * ($quote->price_cents - $quote->cost_cents)) /
                                $quote->price_cents, 1) . ' %' }}
                        </td>
                        <td>{{ $quote->made_at->format('j M') }}{{ $quote->who === '' ? '' : ', ' . $quote->who }}</td>
                        <td>
                            @if ($quote->state->isOpen())
                                <div class="flex flex-wrap items-end gap-2">
                                    <form method="post" action="{{ route('orders.quotes.answer', $quote) }}">@csrf
                                        @method('PUT') <button class="btn btn-small btn-main" name="answer"
                                            value="accepted"
                                            aria-label="{{ $quote->label() }} is accepted">Accepted</button></form>
                                    <a class="btn btn-small"
                                        href="{{ route('orders.ask', [...$quote->asked, 'of' => $quote->id]) }}">New
                                        version</a>
                                    <form method="post" action="{{ route('orders.quotes.answer', $quote) }}"
                                        class="flex items-end gap-2">@csrf @method('PUT')
                                        <label for="why-{{ $quote->id }}" class="sr-only">Why it was
                                            declined</label><input id="why-{{ $quote->id }}" name="why"
                                            class="!w-44 !py-1" placeholder="declined, because" maxlength="300">
                                        <button class="btn btn-small" name="answer" value="declined"
                                            aria-label="{{ $quote->label() }} is declined">Declined</button>
                                    </form>
                                </div>
                            @elseif ($quote->order !== null)
                                <a href="{{ route('orders.show', $quote->order) }}">order
                                    {{ $quote->order->number }}</a>
                            @elseif ($quote->state === Hakama\Money\QuoteState::Accepted)
                                accepted; <a href="{{ route('orders.create', ['quote' => $quote->id]) }}">write down the
                                    order</a>
                            @else
                                {{ $quote->state->value }}{{ $quote->why === '' ? '' : ': ' . $quote->why }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        {{ $quotes->links() }}
    @endif
</x-layout>
