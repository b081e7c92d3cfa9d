<x-layout station="plan" title="Plan">
    <x-slot:say>
        @if ($late !== [])
            @php $one = $board->batches()[$late[0]->batch->id]; @endphp
            <span
                class="now">{{ count($late) === 1
                    ? 'One batch ends late' : count($late) . ' batches end late' }}:</span>
            {{ $one->code }} for {{ $one->order->customer }} is due
            {{ App\Foundation\Clock\ShopClock::words($one->order->dueAt) }} and ends
            {{ App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($late[0]->end())) }}.
        @elseif ($timetable->placed === [])
            Nothing is planned.
        @else
            Every batch ends in time; {{ (int) round($timetable->totals->changeoverMin) }} minutes go into changeovers.
        @endif
    </x-slot:say>
    @include('plan.sheet')
</x-layout>
