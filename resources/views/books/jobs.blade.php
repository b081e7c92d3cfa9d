@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $m = static fn(?int $cents) => $cents === null ? '' : ($cents < 0
        ? '−' : '') . App\Shop\Figure::words(abs($cents) / 100, 2);
    $lost = $jobs->filter(static fn($job) => $job->priceCents() !== null && $job->priceCents() < $job->realCents());
    $earned = $jobs->sum(static fn($job) => $job->priceCents() === null ? 0 : $job->priceCents() - $job->realCents());
@endphp
<x-layout station="books" title="What jobs earned">
    <x-slot:say>
        @if ($jobs->isEmpty())
            Nothing is sewn yet.
        @elseif ($lost->isNotEmpty())
            <span class="now">{{ $lost->count() }} of {{ $jobs->count() }} jobs lost money.</span> All together
            earned {{ $m($earned) }}.
        @else
            {{ $jobs->count() }} jobs earned {{ $m($earned) }}; none lost money.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>What jobs earned</h1><span class="text-soft">those with pieces sewn, the worst first; amounts in
            {{ $currency }}</span>
        <a class="ml-auto" href="{{ route('invoices.csv') }}" data-key="v">Invoices as CSV <kbd>v</kbd></a>
        <a href="{{ route('books.show') }}" data-key="b">Books <kbd>b</kbd></a>
    </div>
    @if ($jobs->isEmpty())
        <p class="note">As soon as the first piece of an order is counted it stands here: what it was to cost, what it
            came to, and which line differs most.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>Order</th>
                    <th>For</th>
                    <th class="num">Price</th>
                    <th class="num">Planned</th>
                    <th class="num">Came to</th>
                    <th class="num">Earns</th>
                    <th class="num">Margin</th>
                    <th>Differs most</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($jobs as $job)
                    @php
                        $price = $job->priceCents();
                        $real = $job->realCents() ?? 0;
                        $furthest = $job->furthest();
                    @endphp
                    <tr>
                        <td><a href="{{ route('orders.money', $job->order) }}">{{ $job->order->number }}</a></td>
                        <td>{{ $job->order->customer->name }}</td>
                        <td class="num">{{ $m($price) }}</td>
                        <td class="num">{{ $m($job->plannedCents()) }}</td>
                        <td class="num">{{ $m($real) }}</td>
                        <td @class(['num', 'now' => $price !== null && $price < $real])>{{ $price === null
                            ? '' : $m($price - $real) }}</td>
                        <td class="num">{{ $price === null
                            ? 'no price' : $n($job->marginPercent($real) ?? 0, 1) . ' %' }}
                        </td>
                        <td class="text-sm">
                            @if ($furthest)
                                {{ str_replace('_', ' ', $furthest[0]->value) }}, {{ $m(abs($furthest[1])) }}
                                {{ $furthest[1] > 0 ? 'dearer' : 'cheaper' }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="mt-3 text-sm text-soft">Of an order that is sewn in part, what it came to is that part; its price
            is the
            whole.</p>
    @endif
</x-layout>
