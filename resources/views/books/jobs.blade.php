@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $m = static fn(?int $cents) => $cents === null ? '' : ($cents < 0
        ? '−' : '') . App\Shop\Figure::words(abs($cents) / 100, 2);
    $lost = $jobs->filter(static fn($job) => $job->priceCents() !== null && $job->priceCents() < $job->realCents());
    $earned = $jobs->sum(static fn($job) => $job->priceCents() === null ? 0 : $job->priceCents() - $job->realCents());
@endphp
<x-layout station="books" :title="__('books.jobs.job_results')">
    <x-slot:say>
        @if ($jobs->isEmpty())
            {{ __('books.jobs.nothing_sewn_yet') }}
        @elseif ($lost->isNotEmpty())
            <span class="now">{{ __('books.jobs.of_jobs_lost_money', [
                'count' => $lost->count(),
                'count_2' => $jobs->count(),
            ]) }}</span> {{ __('books.jobs.total_earned', ['earned' => $m($earned)]) }}
        @else
            {{ __('books.jobs.jobs_earned_none_lost_money', ['count' => $jobs->count(), 'earned' => $m($earned)]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('books.jobs.job_results') }}</h1><span class="text-soft">{{ __('books.jobs.orders_with_sewn_pieces_worst_first', [
            'currency' => $currency,
        ]) }}</span>
        <a class="ml-auto" href="{{ route('invoices.csv') }}" data-key="v">{{ __('books.jobs.invoices_csv') }} <kbd>v</kbd></a>
        <a href="{{ route('books.show') }}" data-key="b">{{ __('books.jobs.books') }} <kbd>b</kbd></a>
    </div>
    @if ($jobs->isEmpty())
        <p class="note">{{ __('books.jobs.results_appear_here_as_soon_as') }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>{{ __('books.jobs.order') }}</th>
                    <th>{{ __('books.jobs.customer') }}</th>
                    <th class="num">{{ __('books.jobs.price') }}</th>
                    <th class="num">{{ __('books.jobs.planned') }}</th>
                    <th class="num">{{ __('books.jobs.actual') }}</th>
                    <th class="num">{{ __('books.jobs.earned') }}</th>
                    <th class="num">{{ __('books.jobs.margin') }}</th>
                    <th>{{ __('books.jobs.biggest_difference') }}</th>
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
                            ? __('books.jobs.no_price') : $n($job->marginPercent($real) ?? 0, 1) . ' %' }}
                        </td>
                        <td class="text-sm">
                            @if ($furthest)
                                {{ str_replace('_', ' ', $furthest[0]->value) }}, {{ $m(abs($furthest[1])) }}
                                {{ $furthest[1] > 0 ? __('books.jobs.over') : __('books.jobs.under') }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="mt-3 text-sm text-soft">{{ __('books.jobs.for_an_order_sewn_in_part') }}</p>
    @endif
</x-layout>
