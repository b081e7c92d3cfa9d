@use('App\Foundation\Words\Dates')
@php $passed = $sewOuts(); @endphp
@if ($passed->isEmpty())
    <p class="note note-now mt-3 text-sm"><x-said key="setup.tabs_practice.sew_it_once_on_scrap_before">
        <x-slot:strong><strong>{{ __('setup.tabs_practice.this_artwork_has_no_good_sew', [
        'fabric_label' => $decoration->line->fabricLabel(),
    ]) }}</strong></x-slot:strong>
        <x-slot:link><a href="{{ route('artwork.history', $artwork) }}#sewouts">{{ __('setup.tabs_practice.log_the_result') }}</a></x-slot:link></x-said></p>
@else
    <p class="note mt-3 text-sm"><x-said key="setup.tabs_practice.good_sew_out_on_spm_by" :with="[
        'fabric_label' => $passed[0]->fabricLabel(),
        'sewn_at' => Dates::date($passed[0]->sewn_at),
        'backing_label' => $passed[0]->backingLabel(),
        'needle' => Hakama\Machine\NeedleType::read($passed[0]->needle)->label(),
        'speed_spm' => $passed[0]->speed_spm,
        'who' => $passed[0]->who,
    ]"><x-slot:link><a
            href="{{ route('artwork.history', $artwork) }}#sewouts">{{ __('setup.tabs_practice.the_log') }}</a></x-slot:link></x-said></p>
@endif
<p class="mt-2 text-sm">
    @if ($sheet->practice->isEmpty())
        <x-said key="setup.tabs_practice.is_not_in" :with="[
            'fabric_label' => App\Foundation\Words\Words::capital($decoration->line->fabricLabel()),
        ]">
            <x-slot:link><a href="{{ route('setup.practice') }}">{{ __('setup.tabs_practice.the_practice_book') }}</a></x-slot:link></x-said>
    @else
        {{ __('setup.tabs_practice.practised_on_or_similar', [
            'fabric_label' => $decoration->line->fabricLabel(),
        ]) }} @foreach ($sheet->practice->take(4) as $one)
            {{ __('setup.tabs_practice.of_good', [
                'who' => $one->who,
                'value' => $one->frame_kind === '' ? '' : ' '.__('setup.tabs_practice.in_frames', [
                    'frame_kind' => Hakama\Machine\FrameKind::tryFrom($one->frame_kind)?->label(),
                ]),
                'value_2' => $one->positionLabel() === '' ? '' : ", {$one->positionLabel()}",
                'came_out' => $one->came_out,
                'came_out_2' => $one->came_out + $one->failed,
                'value_3' => $one->on_scrap ? ' '.__('setup.tabs_practice.on_scrap') : '',
                'value_4' => $loop->last ? '.' : '; ',
            ]) }}
            @endforeach @if ($frame && !$sheet->practice->contains('frame_kind', $frame->kind->value))
                <strong>{{ __('setup.tabs_practice.nobody_has_done_it_in_a', [
                    'value' => $frame->kind->label(),
                ]) }}</strong>
            @endif
        @endif
</p>
