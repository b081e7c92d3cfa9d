<x-layout station="shop" title="Thread wanted">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $days = $need->nearDays();
        $later = $need->later();
        $codes = array_keys($need->forecast->needed);
        sort($codes);
        $short = $need->forecast->short;
        $today = Carbon\CarbonImmutable::today()->toDateString();
    @endphp
    <x-slot:say>Today {{ $n(array_sum($need->byDay[$today] ?? [])) }} m of thread and
        {{ $need->bobbins($today) }} {{ $need->bobbins($today) === 1 ? 'bobbin' : 'bobbins' }}. @if ($short !== [])
            <span class="now">{{ count($short) }} {{ count($short) === 1 ? 'thread runs' : 'threads run' }}
                short.</span>
        @endif
    </x-slot:say>
    <x-shelf-tabs here="needs" title="Thread wanted" />
    @if ($codes === [])
        <p class="note">Nothing is open: plan a batch, and what it wants of the shelf is shown here.</p>
    @else
        <h2 class="mb-1">By day</h2>
        <table class="mb-8">
            <thead>
                <tr>
                    <th>Thread</th>
                    @foreach ($days as $day)
                        <th class="num">{{ $day === Hakama\Plan\ThreadWanted::NOT_PLANNED
                            ? 'not planned yet' : Carbon\CarbonImmutable::parse($day)->format('D j M') }}</th>
                        @endforeach @if ($later !== [])
                            <th class="num">Later</th>
                        @endif
                        <th class="num">
                            In all</th>
                        <th class="num">On the shelf</th>
                        <th>Runs short</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($codes as $code)
                    <tr>
                        <td><x-swatch :hex="$threads[$code]?->hex" />{{ $code }} {{ $threads[$code]?->name }}</td>
                        @foreach ($days as $day)
                            <td class="num">
                                {{ isset($need->byDay[$day][$code]) ? $n($need->byDay[$day][$code]) : '' }}</td>
                            @endforeach @if ($later !== [])
                                <td class="num">{{ isset($later[$code]) ? $n($later[$code]) : '' }}</td>
                            @endif
                            <td class="num"><strong>{{ $n($need->forecast->needed[$code]) }}</strong></td>
                            <td class="num">{{ $n($threads[$code]?->metresLeft() ?? 0) }}</td>
                            <td>
                                @isset($short[$code])
                                    <span class="now">at {{ $short[$code]->for }}</span>,
                                    @php $at = $short[$code]->at; @endphp
                                    {{ $at === PHP_INT_MAX
                                        ? 'not planned yet' : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($at)) }}
                                @endisset
                            </td>
                    </tr>
                @endforeach
                <tr>
                    <td><strong>Bobbins</strong> of {{ $n($need->perBobbinM) }} m</td>
                    @foreach ($days as $day)
                        <td class="num">{{ $need->bobbins($day) }}</td>
                        @endforeach @if ($later !== [])
                            <td class="num">{{ $need->bobbinsLater() }}</td>
                        @endif
                        <td class="num">
                            <strong>{{ $need->bobbinsInAll() }}</strong>
                        </td>
                        <td></td>
                        <td></td>
                </tr>
            </tbody>
        </table>
        <x-because about="How this was worked out">Metres per piece from the sewn length and stitches of each block,
            times the pieces of each load on the day the plan gives it; factors, waste and what a bobbin holds are house
            rules under <a href="/shop#top_thread_per_length">Shop</a>.</x-because>
        <h2 class="mb-1 mt-6">By order</h2>
        <table>
            <thead>
                <tr>
                    <th>Order</th>
                    <th>Threads, metres</th>
                    <th class="num">In all</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($need->byOrder as $number => $byThread)
                    <tr>
                        <td><a href="{{ route('orders.show', $number) }}">{{ $number }}</a></td>
                        <td>
                            @foreach ($byThread as $code => $metres)
                                <span class="mr-4 inline-block whitespace-nowrap"><x-swatch
                                        :hex="$threads[$code]?->hex" />{{ $code }} <span
                                        class="tabular-nums">{{ $n($metres) }}</span></span>
                            @endforeach
                        </td>
                        <td class="num">{{ $n(array_sum($byThread)) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout>
