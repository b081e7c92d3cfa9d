@props(['artwork', 'here'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $artwork->name }}</h1>
    <span class="text-sm text-soft">{{ $artwork->file_name }}@if ($artwork->revision > 1)
            {{ __('common.artwork_tabs.revision', ['revision' => $artwork->revision]) }}
            @endif @if ($artwork->variant !== Hakama\Artwork\Variant::Standard)
                , {{ $artwork->variantLabel() }}
            @endif
    </span>
    <x-tabs :label="__('common.artwork_tabs.artwork_pages')" :tabs="[
        [route('artwork.show', $artwork), __('common.artwork_tabs.look'), 'l', $here === 'show'],
        [route('artwork.stops', $artwork), __('common.artwork_tabs.stop_sheet'), 's', $here === 'stops'],
        [route('artwork.cloth', $artwork), __('common.artwork_tabs.cloth'), 'u', $here === 'cloth'],
        [route('artwork.make', $artwork), __('common.artwork_tabs.rearrange'), 'm', $here === 'make'],
        [route('artwork.history', $artwork), __('common.artwork_tabs.history'), 'h', $here === 'history'],
        [route('artwork.index'), __('common.artwork_tabs.all_artwork'), 'b', false],
    ]" />
</div>
