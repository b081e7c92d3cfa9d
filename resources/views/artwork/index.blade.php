<x-layout station="artwork" :title="__('artwork.index.artwork')">
    @php $open = collect($artworks->items())->filter(fn ($a) => $a->read_at === null
        || str_contains((string) $a->hexes, '-')); @endphp
    <x-slot:say>
        @if ($open->isNotEmpty())
            <span class="now">{{ __('artwork.index.needs', ['name' => $open->first()->name, 'value' => $open->first()->read_at === null
                    ? __('artwork.index.being_read') : __('artwork.index.a_thread')]) }}</span>{{ $open->count() > 1
                    ? __('artwork.index.and_more', ['count' => $open->count() - 1]) : '' }}.
        @else
            {{ __('artwork.index.every_artwork_has_its_threads') }}
        @endif
    </x-slot:say>
    <form method="post" action="{{ route('artwork.store') }}" enctype="multipart/form-data" class="drop mb-5" data-drop>
        @csrf
        <div class="grid grid-cols-1 items-end gap-4 md:grid-cols-[2fr_2fr_auto]">
            <div>
                <label for="tape">{{ __('artwork.index.stitch_file_dst_or_drawing_in') }}</label>
                <input id="tape" name="tape" type="file" accept=".dst,.svg" required data-key="u"
                    data-does="{{ __('artwork.index.choose_a_file') }}" data-most="{{ config('shop.tape_bytes') }}"
                    @error('tape') aria-invalid="true" aria-describedby="wrong-tape" @enderror>
                <p class="text-sm" data-drop-name aria-live="polite"></p>
            </div>
            <x-field name="name" :label="__('artwork.index.name_otherwise_the_file_name')" maxlength="120" />
            <button type="submit" class="btn btn-main">{{ __('artwork.index.upload') }}</button>
        </div>
        <x-wrong field="tape" />
    </form>
    @if ($artworks->isEmpty())
        <p class="note">{{ __('artwork.index.no_artwork_yet_upload_the_stitch') }}</p>
    @else
        <ul class="grid grid-cols-2 gap-x-6 gap-y-7 md:grid-cols-4">
            @foreach ($artworks as $artwork)
                <li>
                    <a href="{{ route('artwork.show', $artwork) }}" class="block no-underline">
                        <span class="weave flex h-44 items-center justify-center border border-hair p-3">
                            @if ($artwork->read_at)
                                <img src="{{ route('artwork.drawing',
                                    [$artwork, 'v' => substr(md5($artwork->checksum . $artwork->hexes), 0, 8)]) }}"
                                    alt="" class="max-h-full max-w-full" loading="lazy">
                            @else<span class="text-soft">{{ __('artwork.index.reading') }}</span>
                            @endif
                        </span>
                        <span class="mt-2 block font-semibold text-ink">{{ $artwork->name }}</span>
                    </a>
                    <span class="block text-sm text-soft tabular-nums">{{ __('artwork.index.stitches', [
                        'stitches' => App\Shop\Figure::words($artwork->stitches),
                        'width' => $units->size($artwork->bounds()->width(), $artwork->bounds()->height()),
                    ]) }}{{--
                        --}}{{ $artwork->variant === Hakama\Artwork\Variant::Standard
                            ? '' : ', ' . $artwork->variantLabel() }}</span>
                    <span class="mt-1 flex">
                        @foreach (array_filter(explode(',', (string) $artwork->hexes)) as $hex)
                            <x-swatch :hex="$hex === '-' ? null : $hex" />
                        @endforeach
                    </span>
                    @if (str_contains((string) $artwork->hexes, '-'))
                        <span class="now text-sm">{{ __('artwork.index.needs_a_thread') }}</span>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
