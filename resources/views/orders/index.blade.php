<x-layout station="orders" title="Orders">
    <x-slot:say>
        @if ($late !== [])
            <span
                class="now">{{ count($late) === 1
                    ? 'One order will be late' : count($late) . ' orders will be late' }}:</span>
            no. {{ $late[0]->number }} for {{ $late[0]->customer }} is due
            {{ $late[0]->dueAt->isToday() ? 'today' : $late[0]->dueAt->format('D') }}
            {{ $late[0]->dueAt->format('H:i') }}{{ $late[0]->ends
                ? ' and ends ' . App\Foundation\Clock\ShopClock::words($late[0]->ends) : '' }}.
        @elseif ($rows === [])
            No order is open.
        @else
            Every promise is kept by the plan as it stands.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-center gap-3">
        <a class="btn btn-main" href="{{ route('orders.create') }}" data-key="n">New order <kbd>n</kbd></a>
        <a class="btn" href="{{ route('orders.quotes') }}" data-key="k">Quotes <kbd>k</kbd></a>
        <a class="btn" href="{{ route('orders.ask') }}" data-key="q">What would it cost <kbd>q</kbd></a>
        <form method="get" action="{{ route('orders.index') }}" class="flex items-center gap-2" role="search"><label
                for="q" class="sr-only">Number, customer, garment or artwork</label><input id="q" type="search"
                name="q" value="{{ $words }}" maxlength="80" placeholder="number, customer, garment, artwork"
                class="!w-72" data-key="s" data-does="Find an order"><button class="btn">Find</button></form>
        <span class="ml-auto flex gap-4 text-sm">
            @if ($finished)
            <a href="{{ route('orders.index') }}" data-key="o">Open orders <kbd>o</kbd></a>@else<a
                    href="{{ route('orders.index', ['show' => 'finished']) }}" data-key="f">Finished orders
                    <kbd>f</kbd></a>
            @endif
        </span>
    </div>
    @if ($rows === [])
        <p class="note">
            {{ $words !== '' ? 'No order has that in it.' : ($finished
                ? 'No order is finished yet.' :
                'Write the first order: who it is for, by when, and what is to be sewn on what. '.
                    'Everything after that is worked out from it.') }}
        </p>
    @else
        <table>
            <caption class="sr-only">{{ $finished ? 'Finished orders' : 'Open orders by due time' }}</caption>
            <thead>
                <tr>
                    <th class="num">No.</th>
                    <th>For</th>
                    <th>What</th>
                    <th>Due</th>
                    <th class="w-52">Pieces done</th>
                    <th>Ends by plan</th>
                    @unless ($finished)
                        <th>Kept in</th>
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
                            {{ $row->dueAt->isToday() ? 'today' : $row->dueAt->format('D j M') }}
                            {{ $row->dueAt->format('H:i') }}</td>
                        <td>
                            <div class="flex items-center gap-3">
                                <div class="flex-1"><x-strip :done="$row->done" :sewing="$row->sewing"
                                    :of="$row->pieces" />
                                </div><span class="num w-14">{{ $row->done }} / {{ $row->pieces }}</span>
                            </div>
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($row->isCancelled)
                                <span class="text-soft">cancelled</span>
                            @elseif ($row->isDone())
                                done
                            @elseif ($row->isLate() && $row->ends)
                                <span class="now">{{ App\Foundation\Clock\ShopClock::words($row->ends) }}, late by
                                    {{ App\Foundation\Clock\ShopClock::span((int) $row->dueAt->diffInSeconds($row->ends)) }}</span>
                            @elseif ($row->isLate())
                                <span class="now">past due, {{ $row->state() }}</span>
                            @elseif ($row->ends)
                                {{ App\Foundation\Clock\ShopClock::words($row->ends) }}
                            @elseif ($row->blanksShort > 0)
                                <span class="now">{{ $row->state() }}</span>
                            @else
                                <span class="text-soft">{{ $row->state() }}</span>
                            @endif
                        </td>
                        @unless ($finished)
                            <td class="whitespace-nowrap tabular-nums">
                                @if ($row->ends)
                                    @php $its = $odds[$row->number] ?? null; @endphp
                                    <x-odds :of="$its" />
                                    @if ($its?->endP95 !== null)
                                        <span class="block text-sm text-soft">95 of 100 by
                                            {{ App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($its->endP95))
                                                }}</span>
                                    @endif
                                @endif
                            </td>
                        @endunless
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div class="mt-4 flex gap-4">
            @if ($page->previousPageUrl())
                <a href="{{ $page->previousPageUrl() }}" data-key="p">Earlier <kbd>p</kbd></a>
            @endif
            @if ($page->nextPageUrl())
                <a href="{{ $page->nextPageUrl() }}" data-key="m">More <kbd>m</kbd></a>
            @endif
        </div>
    @endif
</x-layout>
