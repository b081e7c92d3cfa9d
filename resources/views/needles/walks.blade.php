@use('App\Foundation\Words\Dates')
@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="needles" :title="__('needles.walks.thread_walks')">
    <x-slot:say>
        @if ($first === null)
            {{ __('needles.walks.every_thread_planned_for_the_next') }}
        @else
            {{ __('needles.walks.next_walk_cones_for_by', [
                'cones' => $first->cones(),
                'value' => App\Foundation\Words\Words::some(array_map(static fn($one) => $one->batch->id, $first->changeovers)),
                'changeover_start' => App\Foundation\Clock\ShopClock::words($at($first->changeovers[0]->changeoverStart)),
            ]) }}
        @endif
    </x-slot:say>
    <x-needle-tabs :machines="$machines" here="walks" />
    @foreach ($walks as $walk)
        <section class="mb-6">
            <h2 class="mb-1">{{ __('needles.walks.and_the_hour_after', [
                'hour' => Dates::longWeekdayTime(App\Foundation\Clock\ShopClock::time($walk->hour)),
            ]) }}</h2>
            <p class="mb-2"><strong>{{ __('needles.walks.fetch') }}</strong>
                @foreach ($walk->fetch as $code => $n)
                    <span class="me-4 inline-block whitespace-nowrap"><x-swatch
                            :hex="$threads[$code]?->hex" />{{ $n > 1 ? $n . ' × ' : '' }}{{ $code }}
                        {{ $threads[$code]?->name }} <span
                            class="text-sm text-soft">{{ $threads[$code]?->shelf() }}</span></span>
                @endforeach
            </p>
            <table>
                <thead>
                    <tr>
                        <th>{{ __('needles.walks.by') }}</th>
                        <th>{{ __('needles.walks.machine') }}</th>
                        <th>{{ __('needles.walks.before') }}</th>
                        <th>{{ __('needles.walks.what_to_do') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($walk->changeovers as $one)
                        @foreach ($one->changes->cones->load as $change)
                            <tr>
                                <td class="tabular-nums">
                                    {{ $loop->first ? Dates::time($at($one->changeoverStart)) : '' }}</td>
                                <td>{{ $loop->first ? $one->machine : '' }}</td>
                                <td>
                                    @if ($loop->first)
                                        <a
                                            href="{{ route('needles.card',
                                                $one->batch->id) }}">{{ $one->batch->id }}</a>
                                    @endif
                                </td>
                                <td><x-said key="needles.walks.load" :with="['value' => $change->from === null ? ''
                                        : __('needles.walks.take_off', ['from' => $change->from, 'name' => $threads[$change->from]?->name
                                        ?? '']).' ']"><x-slot:strong><strong>{{ __('needles.walks.needle', [
                                            'needle' => $change->needle,
                                        ]) }}</strong></x-slot:strong></x-said>
                                    <x-swatch :hex="$threads[$change->to]?->hex" />{{ $change->to }}
                                    {{ $threads[$change->to]?->name }}</td>
                            </tr>
                        @endforeach
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
    <x-turn-pages :page="$walks" />
    @if ($first === null)
        <p class="note">{{ __('needles.walks.nothing_to_fetch_when_a_planned') }}</p>
    @endif
    <x-because :about="__('needles.walks.how_its_calculated')">{{ __('needles.walks.these_are_the_plans_changes_on') }}</x-because>
</x-layout>
