@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="__('orders.index.orders')">
    <x-slot:say>
        @if ($late !== [])
            <span
                class="now">{{ count($late) === 1
                    ? __('orders.index.one_order_will_be_late') : __('orders.index.orders_will_be_late', [
                        'late' => count($late),
                    ]) }}:</span>
            {{ __('orders.index.no_for_is_due', ['number' => $late[0]->number, 'customer' => $late[0]->customer, 'value' => $late[0]->dueAt->isToday() ? __('orders.index.today') : Dates::weekday($late[0]->dueAt), 'due_at' => Dates::time($late[0]->dueAt), 'value_2' => $late[0]->ends
                ? ' '.__('orders.index.and_finishes', [
                    'ends' => App\Foundation\Clock\ShopClock::words($late[0]->ends),
                ]) : '']) }}
        @elseif ($rows === [])
            {{ __('orders.index.no_open_orders') }}
        @else
            {{ __('orders.index.every_promise_is_on_time_in') }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-center gap-3">
        <a class="btn btn-main" href="{{ route('orders.create') }}" data-key="n">{{ __('orders.index.new_order') }} <kbd>n</kbd></a>
        <a class="btn" href="{{ route('orders.quotes') }}" data-key="k">{{ __('orders.index.quotes') }} <kbd>k</kbd></a>
        <a class="btn" href="{{ route('customers.index') }}" data-key="c">{{ __('orders.index.customers') }} <kbd>c</kbd></a>
        <a class="btn" href="{{ route('orders.ask') }}" data-key="q">{{ __('orders.index.quick_quote') }} <kbd>q</kbd></a>
        <form method="get" action="{{ route('orders.index') }}" class="flex items-center gap-2" role="search"><label
                for="q" class="sr-only">{{ __('orders.index.number_customer_garment_or_artwork') }}</label><input id="q" type="search"
                name="q" value="{{ $words }}" maxlength="80" placeholder="{{ __('orders.index.number_customer_garment_artwork') }}"
                class="!w-72" data-key="s" data-does="{{ __('orders.index.find_an_order') }}"><button type="submit" class="btn">{{ __('orders.index.find') }}</button></form>
        <span class="ms-auto flex gap-4 text-sm">
            @if ($finished)
            <a href="{{ route('orders.index') }}" data-key="o">{{ __('orders.index.open_orders') }} <kbd>o</kbd></a>@else<a
                    href="{{ route('orders.index', ['show' => 'finished']) }}" data-key="f">{{ __('orders.index.finished_orders') }}
                    <kbd>f</kbd></a>
            @endif
        </span>
    </div>
    @if ($rows === [])
        <p class="note">
            {{ $words !== '' ? __('orders.index.no_order_matches') : ($finished
                ? __('orders.index.no_finished_orders_yet') :
                __('orders.index.enter_the_first_order_customer_due')) }}
        </p>
    @else
        <table>
            <caption class="sr-only">{{ $finished ? __('orders.index.finished_orders') : __('orders.index.open_orders_by_due_time') }}</caption>
            <thead>
                <tr>
                    <th class="num">{{ __('orders.index.no') }}</th>
                    <th>{{ __('orders.index.customer') }}</th>
                    <th>{{ __('orders.index.garment') }}</th>
                    <th>{{ __('orders.index.due') }}</th>
                    <th class="w-52">{{ __('orders.index.pieces_done') }}</th>
                    <th>{{ __('orders.index.planned_finish') }}</th>
                    @unless ($finished)
                        <th>{{ __('orders.index.on_time') }}</th>
                    @endunless
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        <td class="num"><a href="{{ route('orders.show', $row->number) }}">{{ $row->number }}</a>
                        </td>
                        <td class="font-semibold">{{ $row->customer }}</td>
                        <td>{{ $row->what }}</td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ $row->dueAt->isToday() ? __('orders.index.today') : Dates::day($row->dueAt) }}
                            {{ Dates::time($row->dueAt) }}</td>
                        <td>
                            <div class="flex items-center gap-3">
                                <div class="flex-1"><x-strip :done="$row->done" :sewing="$row->sewing"
                                    :of="$row->pieces" />
                                </div><span class="num w-14">{{ $row->done }} / {{ $row->pieces }}</span>
                            </div>
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($row->isCancelled)
                                <span class="text-soft">{{ __('orders.index.cancelled') }}</span>
                            @elseif ($row->isDone())
                                {{ __('orders.index.done') }}
                            @elseif ($row->isLate() && $row->ends)
                                <span class="now">{{ __('orders.index.late_by', [
                                    'ends' => App\Foundation\Clock\ShopClock::words($row->ends),
                                    'span' => App\Foundation\Clock\ShopClock::span((int) $row->dueAt->diffInSeconds($row->ends)),
                                ]) }}</span>
                            @elseif ($row->isLate())
                                <span class="now">{{ __('orders.index.past_due', ['state' => $row->words()]) }}</span>
                            @elseif ($row->ends)
                                {{ App\Foundation\Clock\ShopClock::words($row->ends) }}
                            @elseif ($row->blanksShort > 0)
                                <span class="now">{{ $row->words() }}</span>
                            @else
                                <span class="text-soft">{{ $row->words() }}</span>
                            @endif
                        </td>
                        @unless ($finished)
                            <td class="whitespace-nowrap tabular-nums">
                                @if ($row->ends)
                                    @php $its = $odds[$row->number] ?? null; @endphp
                                    <x-odds :of="$its" />
                                    @if ($its?->endP95 !== null)
                                        <span class="block text-sm text-soft">{{ __('orders.index.n_95_by', [
                                            'end_p95' => App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($its->endP95)),
                                        ]) }}</span>
                                    @endif
                                @endif
                            </td>
                        @endunless
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$page" />
    @endif
</x-layout>
