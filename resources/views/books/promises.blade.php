@php
    [$all, $kept] = [count($promises->orders), $promises->kept()];
    $percent = static fn(float $share) => App\Shop\Figure::words(100 * $share);
    $late = $promises->late($now);
    $long = static fn(int $minutes) => match (true) {
        $minutes < 120 => "{$minutes} min",
        $minutes < 2880 => intdiv($minutes, 60) . ' h',
        default => intdiv($minutes, 1440) . ' days',
    };
@endphp
<x-layout station="books" title="Promises">
    <x-slot:say>
        @if ($all === 0)
            Nothing was due in these days.
        @else
            {{ $kept }} of {{ $all }} promises were kept, {{ $percent($kept / $all) }} %.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>Promises</h1><span class="text-soft">what was due, what was late, and whether the odds came true</span>
        <a class="ml-auto" href="{{ route('books.show') }}" data-key="b">Books <kbd>b</kbd></a>
    </div>
    <form class="mb-5 flex flex-wrap items-end gap-3" method="get">
        <div><label for="from">Due from</label><input id="from" type="date" name="from"
                value="{{ $from->toDateString() }}"></div>
        <div><label for="to">to</label><input id="to" type="date" name="to" value="{{ $to->toDateString() }}"></div>
        <button class="btn" data-key="s">Show <kbd>s</kbd></button>
    </form>
    <x-wrong field="from" /><x-wrong field="to" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">The odds that were given</h2>
            @if ($promises->calibration() === [])
                <p class="note">Odds are kept when they are first worked out for an order; once it was due, they are held
                    against what became of it here.</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>Said to be kept in</th>
                            <th class="num">Promises</th>
                            <th class="num">Said, mean</th>
                            <th class="num">Were kept</th>
                            <th>So the odds are</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($promises->calibration() as $band)
                            <tr>
                                <td>{{ $percent($band->from) }} % and more</td>
                                <td class="num">{{ $band->n }}</td>
                                <td class="num">{{ $percent($band->said) }} %</td>
                                <td class="num">{{ $percent($band->share()) }} %</td>
                                <td @class(['now' => $band->isTooHopeful()])>
                                    {{ $band->isTooHopeful() ? 'too hopeful: promise later'
                                        : ($band->isTooCareful() ? 'too careful: earlier would do'
                                            : 'as good as chance lets one see') }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because about="How this is judged">Each promise is a coin of its own, with the odds that were given. In 95
                    of 100 cases the number kept lies within 1.96 standard deviations of what was said; what lies further
                    off is said.</x-because>
            @endif
        </section>
        <section>
            <h2 class="mb-1">Late</h2>
            @if ($late === [])
                <p class="note">{{ $all === 0 ? 'Nothing was due.' : 'Nothing was late.' }}</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>Order</th>
                            <th>Due</th>
                            <th class="num">Late by</th>
                            <th class="num">Odds given</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach (array_slice($late, 0, 40) as $one)
                            <tr>
                                <td><a href="{{ route('orders.show', $one->number) }}">{{ $one->number }}</a>,
                                    {{ $one->customer }}</td>
                                <td>{{ $one->due->format('D j M, H:i') }}</td>
                                <td class="num">{{ $long($one->lateMin($now)) }}{{ $one->done === null
                                    ? ', not done yet' : '' }}</td>
                                <td class="num">{{ $one->said === null ? '' : $percent($one->said) . ' %' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
    </div>
</x-layout>
