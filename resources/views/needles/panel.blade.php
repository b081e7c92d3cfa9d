{{-- The panel of a machine, and where it keeps the design: wants $placed, $panel, $kept and $others. --}}
<p class="mt-2" id="panel"><strong>{{ __('needles.panel.s_panel', [
    'machine' => $placed->machine,
]) }}</strong> {{ implode(' ', App\Foundation\Words\Words::each($panel)) }}
    @if ($kept !== null)
        <x-said key="needles.panel.the_design_is_in_since" :with="[
            'kept_at' => App\Foundation\Clock\ShopClock::words($kept->kept_at),
        ]"><x-slot:strong><strong>{{ __('needles.panel.slot', [
            'slot' => $kept->slot,
        ]) }}</strong></x-slot:strong></x-said>
    @endif
</p>
@if ($others->isNotEmpty())
    <p class="note note-caution mt-1">{{ __('needles.panel.slot_holds_another_file_of_this', [
        'implode' => $others->implode(', '),
    ]) }}</p>
@endif
