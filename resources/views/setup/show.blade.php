@php
    $decoration = $sheet->decoration;
    $advice = $sheet->advice;
    $best = $sheet->ranked()[0] ?? null;
@endphp
<x-layout station="setup" :title="__('setup.show.set_up', ['name' => $decoration->artwork->name])">
    <x-slot:say>
        @if ($advice->stops())
            <span class="now">{{ __('setup.show.cannot_be_sewn_as_asked', [
                'text' => collect($advice->warnings)->firstWhere('stops', true)->text,
            ]) }}</span>
        @elseif ($best === null)
            <span class="now">{{ __('setup.show.you_have_no_frame_for_the') }}</span>
        @elseif (! $best->fits() && $advice->hoopings() === 1)
            <span class="now">{{ __('setup.show.none_of_your_frames_fits') }}</span>
        @else
            {{ __('setup.show.best_towards_the_machine', ['id' => $best->fit->frame->id, 'end_words' => $advice->loading()->endWords(), 'value' => $advice->hoopings() > 1 ? __('setup.show.hoopings_along_the_tube', [
                'hoopings' => $advice->hoopings(),
            ])
                : $best->change->label()]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>{{ __('setup.show.on', [
            'name' => $decoration->artwork->name,
            'garment_label' => $decoration->line->garmentLabel(),
        ]) }}</h1>
        <nav class="tabs ms-auto" aria-label="{{ __('setup.show.setup_sections') }}">
            <a href="{{ route('setup.print', $decoration) }}" data-key="t"
                data-does="{{ __('setup.show.printed_setup_sheet') }}">{{ __('setup.show.print') }} <kbd>t</kbd></a>
            <a href="{{ route('setup.backing') }}" data-key="c" data-does="{{ __('setup.show.backing_to_cut') }}">{{ __('setup.show.backing_to_cut') }}
                <kbd>c</kbd></a>
            <a href="{{ route('setup.practice') }}" data-key="o" data-does="{{ __('setup.show.the_practice_book') }}">{{ __('setup.show.practice_book') }}
                <kbd>o</kbd></a>
            <a href="{{ route('setup.index') }}" data-key="b">{{ __('setup.show.all_setups') }} <kbd>b</kbd></a>
        </nav>
    </div>
    @include('setup.sheet')
</x-layout>
