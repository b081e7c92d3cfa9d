@use('App\Foundation\Words\Dates')
@php
    [$all, $kept] = [count($promises->orders), $promises->kept()];
    $percent = static fn(float $share) => App\Shop\Figure::words(100 * $share);
    $late = $promises->late($now);
    $long = static fn(int $minutes) => match (true) {
        $minutes < 120 => "{$minutes} min",
        $minutes < 2880 => intdiv($minutes, 60) . ' h',
        default => __('books.promises.days', ['days' => intdiv($minutes, 1440)]),
    };
@endphp
<x-layout station="books" :title="__('books.promises.promises')">
    <x-slot:say>
        @if ($all === 0)
            {{ __('books.promises.nothing_was_due_in_these_days') }}
        @else
            {{ __('books.promises.of_promises_kept', [
                'kept' => $kept,
                'all' => $all,
                'kept_2' => $percent($kept / $all),
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('books.promises.promises') }}</h1><span class="text-soft">{{ __('books.promises.what_was_due_what_was_late') }}</span>
        <a class="ms-auto" href="{{ route('books.show') }}" data-key="b">{{ __('books.promises.books') }} <kbd>b</kbd></a>
    </div>
    <form class="mb-5 flex flex-wrap items-end gap-3" method="get">
        <div><label for="from">{{ __('books.promises.due_from') }}</label><input id="from" type="date" name="from"
                value="{{ $from->toDateString() }}"></div>
        <div><label for="to">{{ __('books.promises.to') }}</label><input id="to" type="date" name="to" value="{{ $to->toDateString() }}"></div>
        <button type="submit" class="btn" data-key="s">{{ __('books.promises.show') }} <kbd>s</kbd></button>
    </form>
    <x-wrong field="from" /><x-wrong field="to" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">{{ __('books.promises.our_odds') }}</h2>
            @if ($promises->calibration() === [])
                <p class="note">{{ __('books.promises.the_odds_are_kept_when_an') }}</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('books.promises.odds_given') }}</th>
                            <th class="num">{{ __('books.promises.promises') }}</th>
                            <th class="num">{{ __('books.promises.average_given') }}</th>
                            <th class="num">{{ __('books.promises.on_time') }}</th>
                            <th>{{ __('books.promises.verdict') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($promises->calibration() as $band)
                            <tr>
                                <td>{{ __('books.promises.and_more', ['from' => $percent($band->from)]) }}</td>
                                <td class="num">{{ $band->n }}</td>
                                <td class="num">{{ $percent($band->said) }} %</td>
                                <td class="num">{{ $percent($band->share()) }} %</td>
                                <td @class(['now' => $band->isTooHopeful()])>
                                    {{ $band->isTooHopeful() ? __('books.promises.too_optimistic_promise_later')
                                        : ($band->isTooCareful() ? __('books.promises.too_careful_you_can_promise_earlier')
                                            : __('books.promises.within_chance')) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because :about="__('books.promises.how_its_calculated')">{{ __('books.promises.each_promise_is_treated_as_a') }}</x-because>
            @endif
        </section>
        <section>
            <h2 class="mb-1">{{ __('books.promises.late') }}</h2>
            @if ($late === [])
                <p class="note">{{ $all === 0 ? __('books.promises.nothing_was_due') : __('books.promises.nothing_was_late') }}</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('books.promises.order') }}</th>
                            <th>{{ __('books.promises.due') }}</th>
                            <th class="num">{{ __('books.promises.late_by') }}</th>
                            <th class="num">{{ __('books.promises.odds_given') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach (array_slice($late, 0, 40) as $one)
                            <tr>
                                <td><a href="{{ route('orders.show', $one->number) }}">{{ $one->number }}</a>,
                                    {{ $one->customer }}</td>
                                <td>{{ Dates::dayTime($one->due) }}</td>
                                <td class="num">{{ $long($one->lateMin($now)) }}{{ $one->done === null
                                    ? __('books.promises.not_done_yet') : '' }}</td>
                                <td class="num">{{ $one->said === null ? '' : $percent($one->said) . ' %' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
    </div>
</x-layout>
