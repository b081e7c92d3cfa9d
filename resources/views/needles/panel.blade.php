{{-- The panel of a machine, and where it keeps the design: wants $placed, $panel, $kept and $others. --}}
<p class="mt-2" id="panel"><strong>{{ $placed->machine }}’s panel.</strong> {{ implode(' ', $panel) }}
    @if ($kept !== null)
        The design is in <strong>slot {{ $kept->slot }}</strong> since
        {{ App\Foundation\Clock\ShopClock::words($kept->kept_at) }}.
    @endif
</p>
@if ($others->isNotEmpty())
    <p class="note note-caution mt-1">Slot {{ $others->implode(', ') }} holds another file of this design, an older one or one for
        another hooping. Do not sew from it.</p>
@endif
