<x-layout station="books" :title="__('books.jobs.job_results')">
    @php
        $m = static fn(?int $cents) => $cents === null ? '' : ($cents < 0 ? '−' : '') . App\Shop\Figure::words(abs($cents) / 100, 2);
    @endphp
    <x-slot:say>
        @if ($finished->isEmpty() && $running->isEmpty())
            {{ __('books.jobs.nothing_sewn_yet') }}
        @elseif ($lost > 0)
            <span class="now">{{ __('books.jobs.of_jobs_lost_money', ['count' => $lost, 'count_2' => $finished->count()]) }}</span>
            {{ __('books.jobs.total_earned', ['earned' => $m($earned)]) }}
        @else
            {{ __('books.jobs.jobs_earned_none_lost_money', ['count' => $finished->count(), 'earned' => $m($earned)]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('books.jobs.job_results') }}</h1><span class="text-soft">{{ __('books.jobs.orders_with_sewn_pieces_worst_first', [
            'currency' => $currency,
        ]) }}</span>
        <a class="ms-auto" href="{{ route('invoices.csv') }}" data-key="v">{{ __('books.jobs.invoices_csv') }} <kbd>v</kbd></a>
        <a href="{{ route('books.show') }}" data-key="b">{{ __('books.jobs.books') }} <kbd>b</kbd></a>
    </div>
    @if ($finished->isEmpty() && $running->isEmpty())
        <p class="note">{{ __('books.jobs.results_appear_here_as_soon_as') }}</p>
    @endif
    @foreach ([[$finished, __('books.jobs.finished')], [$running, __('books.jobs.being_sewn')]] as [$jobs, $title])
        @continue($jobs->isEmpty())
        <h2 class="mb-1 mt-6">{{ $title }}</h2>
        <table>
            <thead>
                <tr>
                    <th>{{ __('books.jobs.order') }}</th>
                    <th>{{ __('books.jobs.customer') }}</th>
                    @if ($jobs === $running)
                        <th class="num">{{ __('books.jobs.sewn') }}</th>
                    @endif
                    <th class="num">{{ __('books.jobs.price') }}</th>
                    @if ($jobs === $running)
                        <th class="num">{{ __('books.jobs.earned_so_far') }}</th>
                    @endif
                    <th class="num">{{ __('books.jobs.planned') }}</th>
                    <th class="num">{{ __('books.jobs.actual') }}</th>
                    <th class="num">{{ __('books.jobs.profit') }}</th>
                    <th class="num">{{ __('books.jobs.margin') }}</th>
                    <th>{{ __('books.jobs.biggest_difference') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($jobs as $job)
                    @php $furthest = $job->furthest(); @endphp
                    <tr>
                        <td><a href="{{ route('orders.money', $job->order) }}">{{ $job->order->number }}</a></td>
                        <td>{{ $job->order->customer->name }}</td>
                        @if ($jobs === $running)
                            <td class="num">{{ App\Shop\Figure::odds($job->sewnShare()) }}</td>
                        @endif
                        <td class="num">{{ $m($job->priceCents()) }}</td>
                        @if ($jobs === $running)
                            <td class="num">{{ $m($job->earnedCents()) }}</td>
                        @endif
                        <td class="num">{{ $m((int) round($job->plannedCents() * $job->sewnShare())) }}</td>
                        <td class="num">{{ $m($job->realCents()) }}</td>
                        <td @class(['num', 'now' => $job->profitCents() < 0])>{{ $m($job->profitCents()) }}</td>
                        <td class="num">{{ $job->earnedCents() === null ? __('books.jobs.no_price')
                            : App\Shop\Figure::words($job->marginPercent($job->earnedCents(), (int) $job->realCents()) ?? 0, 1) . ' %' }}</td>
                        <td class="text-sm">
                            @if ($furthest)
                                {{ __('money.category.'.$furthest[0]->value) }}, {{ $m(abs($furthest[1])) }}
                                {{ $furthest[1] > 0 ? __('books.jobs.over') : __('books.jobs.under') }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endforeach
    @if ($running->isNotEmpty())
        <p class="mt-3 text-sm text-soft">{{ __('books.jobs.for_an_order_sewn_in_part') }}</p>
    @endif
</x-layout>
