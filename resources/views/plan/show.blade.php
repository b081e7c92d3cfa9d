<x-layout station="plan" :title="__('plan.show.plan')">
    <x-slot:say>
        @if ($late !== [])
            @php $one = $board->batches()[$late[0]->batch->id]; @endphp
            <span
                class="now">{{ count($late) === 1
                    ? __('plan.show.one_batch_will_be_late') : __('plan.show.batches_will_be_late', [
                        'late' => count($late),
                    ]) }}:</span>
            {{ __('plan.show.for_is_due_and_ends', [
                'code' => $one->code,
                'customer' => $one->order->customer,
                'due_at' => App\Foundation\Clock\ShopClock::words($one->order->dueAt()),
                'end' => App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($late[0]->end())),
            ]) }}
        @elseif ($timetable->placed === [])
            {{ __('plan.show.nothing_planned') }}
        @else
            {{ __('plan.show.every_batch_is_on_time_minutes', [
                'changeover_min' => (int) round($timetable->totals->changeoverMin),
            ]) }}
        @endif
    </x-slot:say>
    @include('plan.sheet')
</x-layout>
