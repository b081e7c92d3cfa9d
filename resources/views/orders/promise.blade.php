@if ($odds === null)
    <p class="note note-caution">
        {{ $counted === 0 ? 'Say the garment, the sizes and the artwork first.'
            : 'No machine has a place for all of it in the days that are planned.' }}
    </p>
@else
    <p class="note">
        @if ($odds->promise === null)
            There is no time that is safe to promise in the days that are planned.
        @else
            @php($safe = App\Foundation\Clock\ShopClock::time($odds->promise)->ceilMinutes(15))
            <strong>To promise: {{ $safe->format('D j M, H:i') }}</strong>, kept in {{ $share }} % of cases.
            @if ($odds->endP50 !== null)
                Most likely it is ready {{ App\Foundation\Clock\ShopClock::time($odds->endP50)->format('D j M, H:i') }}.
            @endif
            <button type="button" class="btn ml-2" data-due-date="{{ $safe->format('Y-m-d') }}"
                data-due-time="{{ $safe->format('H:i') }}">Take it</button>
        @endif
        @if ($dueAt !== null)
            <span @class(['block', 'now' => $odds->isInDanger])>{{ $dueAt->format('D j M, H:i') }}, as typed, is kept in
                {{ App\Shop\Figure::odds($odds->kept) }}.</span>
        @endif
    </p>
@endif
@foreach ($left as $words)
    <p class="text-sm text-soft">{{ $words }} It does not count.</p>
@endforeach
@if ($odds !== null)
    <p class="text-sm text-soft">Set up as advised, behind all that is planned; nothing else ends later for it.
        Blanks are
        taken to be here.</p>
@endif
