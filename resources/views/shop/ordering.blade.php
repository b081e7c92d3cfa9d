@php $late = array_filter($all, fn($one) => $one->isTooLate($now)); @endphp
<x-layout station="shop" title="To order">
    <x-slot:say>
        @if ($all === [])
            Everything that is planned is there.
        @elseif ($late !== [])
            <span class="now">{{ count($late) === 1 ? 'One thing' : count($late) . ' things' }} should have been ordered
                already.</span>
        @else
            {{ count($all) === 1 ? 'One thing is' : count($all) . ' things are' }} to be ordered.
        @endif
    </x-slot:say>
    <x-shelf-tabs here="ordering" title="To order" />
    @if ($all === [])
        <p class="note">Thread, backing and counted blanks are held against all that is planned; what will be missing
            stands here, with the day by which it has to be ordered.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>Of</th>
                    <th>What</th>
                    <th class="num">Missing</th>
                    <th>For</th>
                    <th>Wanted</th>
                    <th>Order by</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($all as $one)
                    <tr>
                        <td>{{ $one->of }}</td>
                        <td>{{ $one->what }}</td>
                        <td class="num">{{ App\Shop\Figure::words(ceil($one->missing)) }} {{ $one->unit }}</td>
                        <td>{{ $one->for }}</td>
                        <td>{{ $one->wanted === null ? 'not planned yet'
                            : App\Clock\ShopClock::words(App\Clock\ShopClock::time($one->wanted)) }}
                        </td>
                        <td @class(['now' => $one->isTooLate($now)])>
                            {{ $one->orderBy === null ? ''
                                : App\Clock\ShopClock::time($one->orderBy)->format('D j M') }}{{
                                $one->isTooLate($now) ? ', too late for that' : '' }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="mt-3 flex items-baseline gap-4"><a class="btn"
            href="{{ route('ordering.csv') }}">As a list (CSV)</a><span
                class="text-sm text-soft">What is ordered comes within
                <a href="{{ route('shop.show') }}#lead_days">{{ App\Shop\Figure::words($days) }} days</a>. Blanks are
                missing where they were counted and fewer came.</span></p>
    @endif
</x-layout>
