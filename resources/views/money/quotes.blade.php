@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="__('money.quotes.quotes')">
    @php
        $m = static fn(int $cents) => App\Shop\Figure::words($cents / 100, 2);
    @endphp
    <x-slot:say>
        @if ($open->isEmpty())
            {{ __('money.quotes.no_open_quotes') }}
        @else
            <span class="now">{{ __('money.quotes.n', [
                'value' => $open->count() === 1 ? __('money.quotes.one_quote_is_open') : __('money.quotes.quotes_are_open', [
                    'count' => $open->count(),
                ]),
            ]) }}</span> {{ __('money.quotes.in_total', [
                'sum' => $m($open->sum('price_cents')),
                'currency' => $currency,
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('money.quotes.quotes') }}</h1>
        <a class="ms-auto" href="{{ route('orders.ask') }}" data-key="q">{{ __('money.quotes.quick_quote') }} <kbd>q</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">{{ __('money.quotes.all_orders') }} <kbd>b</kbd></a>
    </div>
    <x-wrong field="why" />
    @if ($open->isEmpty() && $answered->isEmpty())
        <p class="note">{{ __('money.quotes.no_quotes_yet_make_one_under') }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>{{ __('money.quotes.quote') }}</th>
                    <th>{{ __('money.quotes.customer') }}</th>
                    <th class="num">{{ __('money.quotes.quantity') }}</th>
                    <th class="num">{{ __('money.quotes.price', ['currency' => $currency]) }}</th>
                    <th class="num">{{ __('money.quotes.margin') }}</th>
                    <th>{{ __('money.quotes.date') }}</th>
                    <th>{{ __('money.quotes.outcome') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($quotes as $quote)
                    <tr>
                        <td><a href="{{ route('orders.quotes.paper', $quote) }}">{{ $quote->label() }}</a></td>
                        <td>{{ $quote->customer }}</td>
                        <td class="num">{{ $quote->pieces }}</td>
                        <td class="num">{{ $m($quote->price_cents) }}@if ($quote->least_cents !== $quote->most_cents)
                                <span class="block text-sm text-soft">{{ __('money.quotes.to', [
                                    'least_cents' => $m($quote->least_cents),
                                    'most_cents' => $m($quote->most_cents),
                                ]) }}</span>
                            @endif
                        </td>
                        <td class="num">
                            {{ $quote->price_cents === 0 ? ''
                                : App\Shop\Figure::words((100 * ($quote->price_cents - $quote->cost_cents)) /
                                $quote->price_cents, 1) . ' %' }}
                        </td>
                        <td>{{ Dates::date($quote->made_at) }}{{ $quote->who === '' ? '' : ', ' . $quote->who }}</td>
                        <td>
                            @if ($quote->state->isOpen())
                                <div class="flex flex-wrap items-end gap-2">
                                    <form method="post" action="{{ route('orders.quotes.answer', $quote) }}">@csrf
                                        @method('PUT') <button type="submit" class="btn btn-small btn-main"
                                            name="answer"
                                            value="accepted"
                                            aria-label="{{ __('money.quotes.is_accepted', [
                                                'quote' => $quote->label(),
                                            ]) }}">{{ __('money.quotes.accepted') }}</button></form>
                                    <a class="btn btn-small"
                                        href="{{ route('orders.ask', [...$quote->asked, 'of' => $quote->id]) }}">{{ __('money.quotes.new_version') }}</a>
                                    <form method="post" action="{{ route('orders.quotes.answer', $quote) }}"
                                        class="flex items-end gap-2">@csrf @method('PUT')
                                        <label for="why-{{ $quote->id }}" class="sr-only">{{ __('money.quotes.reason_for_declining') }}</label><input type="text" id="why-{{ $quote->id }}" name="why"
                                            class="!w-44 !py-1"
                                                placeholder="{{ __('money.quotes.declined_because') }}" maxlength="300">
                                        <button type="submit" class="btn btn-small" name="answer" value="declined"
                                            aria-label="{{ __('money.quotes.is_declined', [
                                                'quote' => $quote->label(),
                                            ]) }}">{{ __('money.quotes.declined') }}</button>
                                    </form>
                                </div>
                            @elseif ($quote->order !== null)
                                <a href="{{ route('orders.show', $quote->order) }}">{{ __('money.quotes.order', [
                                    'number' => $quote->order->number,
                                ]) }}</a>
                            @elseif ($quote->state === Hakama\Money\QuoteState::Accepted)
                                <x-said key="money.quotes.accepted_2">
                                    <x-slot:link><a
                                        href="{{ route('orders.create', ['quote' => $quote->id]) }}">{{ __('money.quotes.enter_the_order') }}</a></x-slot:link></x-said>
                            @else
                                {{ $quote->state->value }}{{ $quote->why === '' ? '' : ': ' . $quote->why }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$answered" />
    @endif
</x-layout>
