@php
    $first = $walks[0] ?? null;
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="needles" title="Walks to the shelf">
    <x-slot:say>
        @if ($first === null)
            Every thread that is planned for the next days is on its rack.
        @else
            Next walk: {{ $first->cones() }} {{ $first->cones() === 1 ? 'cone' : 'cones' }}, for
            {{ implode(', ', array_map(static fn($one) => $one->batch->id, $first->changeovers)) }}, by
            {{ App\Foundation\Clock\ShopClock::words($at($first->changeovers[0]->changeoverStart)) }}.
        @endif
    </x-slot:say>
    <x-needle-tabs :machines="$machines" here="walks" />
    @foreach ($walks as $walk)
        <section class="mb-6">
            <h2 class="mb-1">{{ App\Foundation\Clock\ShopClock::time($walk->hour)->format('l H:i') }} and the hour after</h2>
            <p class="mb-2"><strong>Fetch:</strong>
                @foreach ($walk->fetch as $code => $n)
                    <span class="mr-4 inline-block whitespace-nowrap"><x-swatch
                            :hex="$threads[$code]?->hex" />{{ $n > 1 ? $n . ' × ' : '' }}{{ $code }}
                        {{ $threads[$code]?->name }} <span
                            class="text-sm text-soft">{{ $threads[$code]?->shelf() }}</span></span>
                @endforeach
            </p>
            <table>
                <thead>
                    <tr>
                        <th>By</th>
                        <th>Machine</th>
                        <th>Before</th>
                        <th>What to do</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($walk->changeovers as $one)
                        @foreach ($one->changes->cones->load as $change)
                            <tr>
                                <td class="tabular-nums">
                                    {{ $loop->first ? $at($one->changeoverStart)->format('H:i') : '' }}</td>
                                <td>{{ $loop->first ? $one->machine : '' }}</td>
                                <td>
                                    @if ($loop->first)
                                        <a
                                            href="{{ route('needles.card',
                                                $one->batch->id) }}">{{ $one->batch->id }}</a>
                                    @endif
                                </td>
                                <td><strong>Needle {{ $change->needle }}:</strong>
                                    {{ $change->from === null ? ''
                                        : 'take off ' . $change->from . ' ' . ($threads[$change->from]?->name
                                        ?? '') . ', ' }}load
                                    <x-swatch :hex="$threads[$change->to]?->hex" />{{ $change->to }}
                                    {{ $threads[$change->to]?->name }}</td>
                            </tr>
                        @endforeach
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
    @if ($walks === [])
        <p class="note">Nothing is to be fetched. Plan a batch that wants another thread, and the walk for it stands
            here.</p>
    @endif
    <x-because about="How this was worked out">The changes are those of the plan: on each machine a needle is given up
        whose thread is needed furthest in the future, and pinned needles keep theirs. They are put together by the hour
        in which their changeover begins; a machine of several heads wants a cone for each.</x-because>
</x-layout>
