@props(['artwork', 'here'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $artwork->name }}</h1>
    <span class="text-sm text-soft">{{ $artwork->file_name }}@if ($artwork->revision > 1)
            , revision {{ $artwork->revision }}
            @endif @if ($artwork->variant !== Hakama\Artwork\Variant::Standard)
                , {{ $artwork->variantLabel() }}
            @endif
    </span>
    <x-tabs label="Of this artwork" :tabs="[
        [route('artwork.show', $artwork), 'Look', 'l', $here === 'show'],
        [route('artwork.stops', $artwork), 'Stop sheet', 's', $here === 'stops'],
        [route('artwork.cloth', $artwork), 'Cloth', 'u', $here === 'cloth'],
        [route('artwork.make', $artwork), 'Make', 'm', $here === 'make'],
        [route('artwork.history', $artwork), 'History', 'h', $here === 'history'],
        [route('artwork.index'), 'All artwork', 'b', false],
    ]" />
</div>
