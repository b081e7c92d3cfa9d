@use('App\Foundation\Words\Dates')
@if ($odds === null)
    <p class="note note-caution">
        {{ $counted === 0 ? __('orders.promise.enter_garment_sizes_and_artwork_first')
            : __('orders.promise.no_machine_has_room_for_all') }}
    </p>
@else
    <p class="note">
        @if ($odds->promise === null)
            {{ __('orders.promise.no_time_in_the_planned_days') }}
        @else
            @php($safe = App\Foundation\Clock\ShopClock::time($odds->promise)->ceilMinutes(15))
            <x-said key="orders.promise.on_time" :with="[
                'share' => $share,
            ]"><x-slot:strong><strong>{{ __('orders.promise.promise', [
                'safe' => Dates::dayTime($safe),
            ]) }}</strong></x-slot:strong></x-said>
            @if ($odds->endP50 !== null)
                {{ __('orders.promise.most_likely_ready', [
                    'end_p50' => Dates::dayTime(App\Foundation\Clock\ShopClock::time($odds->endP50)),
                ]) }}
            @endif
            <button type="button" class="btn scripted ms-2" data-due-date="{{ $safe->format('Y-m-d') }}"
                data-due-time="{{ $safe->format('H:i') }}">{{ __('orders.promise.use_it') }}</button>
        @endif
        @if ($dueAt !== null)
            <span @class(['block', 'now' => $odds->isInDanger])>{{ __('orders.promise.as_entered', [
                'due_at' => Dates::dayTime($dueAt),
                'kept' => App\Shop\Figure::odds($odds->kept),
            ]) }}</span>
        @endif
    </p>
@endif
@foreach ($left as $words)
    <p class="text-sm text-soft">{{ __('orders.promise.not_included', ['words' => $words]) }}</p>
@endforeach
@if ($odds !== null)
    <p class="text-sm text-soft">{{ __('orders.promise.set_up_as_advised_after_everything') }}</p>
@endif
