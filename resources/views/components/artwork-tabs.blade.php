@props(['artwork', 'here'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $artwork->name }}</h1>
    <span class="text-sm text-soft">{{ $artwork->file_name }}@if ($artwork->revision > 1)
            , revision {{ $artwork->revision }}
            @endif @if ($artwork->variant !== Hakama\Artwork\Variant::Standard)
                , {{ $artwork->variantLabel() }}
            @endif
    </span>
    <nav class="tabs ml-auto" aria-label="Of this artwork">
        @foreach ([['show', 'Look', 'l'], ['stops', 'Stop sheet', 's'], ['make', 'Make', 'm'], ['history', 'History', 'h']] as [$route, $label, $key])
            <a href="{{ route("artwork.{$route}", $artwork) }}" data-key="{{ $key }}"
                data-does="{{ $label }}"
                @if ($here === $route) aria-current="page" @endif>{{ $label }}
                <kbd>{{ $key }}</kbd></a>
        @endforeach
        <a href="{{ route('artwork.index') }}" data-key="b">All artwork <kbd>b</kbd></a>
    </nav>
</div>
