@use('Hakama\Picture\PictureQuestion')
<x-layout station="setup" title="Place from a picture">
    @php
        $artwork = $decoration->artwork;
        $first = $frames->firstWhere('id', $chosen) ?? $frames->first();
    @endphp
    <x-slot:say>Lay the template on the mark, hoop the piece, take a picture from above: it says how far the design is to
        be moved. The picture stays on this screen.</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>Place from a picture</h1>
        <p class="text-soft">{{ $artwork->name }}, {{ $decoration->line->garmentLabel() }},
            {{ $decoration->positionLabel() }}</p>
        <p class="ml-auto"><a href="{{ route('setup.show', $decoration) }}" data-key="b" data-does="Back to the setup">Its
                setup <kbd>b</kbd></a></p>
    </div>
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]"
        data-place="{{ json_encode([
            'measure' => route('setup.picture.measure', $decoration),
            'asks' => collect(PictureQuestion::cases())->mapWithKeys(fn ($ask) => [$ask->value => $ask->points()]),
            'track' => route('artwork.track', [$artwork, 'v' => $mark . $trimJumps]),
            'colours' => $artwork->colours(),
            'middle' => [$artwork->bounds()->centre()->x, $artwork->bounds()->centre()->y],
            'frames' => $frames->mapWithKeys(fn ($frame) => [
                $frame->code => [$frame->window_width_mm, $frame->window_height_mm, $frame->round],
            ])->all(),
        ]) }}">
        <section aria-label="The picture">
            <canvas id="place-canvas" class="weave block w-full touch-none border border-hair" height="420" tabindex="0"
                aria-label="The picture with the points that were touched; arrow keys move the one that is chosen"></canvas>
            <p id="place-hint" class="mt-1 text-sm text-soft" aria-live="polite">No picture yet.</p>
        </section>
        <section aria-label="What was measured">
            <div class="grid grid-cols-2 gap-3">
                <div class="col-span-2"><label for="place-file">Picture of the hooped piece</label><input id="place-file"
                        type="file" accept="image/*" capture="environment"></div>
                <div class="col-span-2"><label for="place-ask">What to measure</label><select id="place-ask">
                        @foreach (PictureQuestion::cases() as $ask)
                            <option value="{{ $ask->value }}">{{ $ask->label() }}</option>
                        @endforeach
                    </select></div>
                <div><label for="place-frame">Frame</label><select id="place-frame">
                        @foreach ($frames as $frame)
                            <option value="{{ $frame->code }}" @selected($frame->is($first))>{{ $frame->code }},
                                {{ App\Shop\Figure::words($frame->window_width_mm) }} ×
                                {{ App\Shop\Figure::words($frame->window_height_mm) }} mm</option>
                        @endforeach
                    </select></div>
                <div><label for="place-by">Points of the frame</label><select id="place-by">
                        <option value="notches">the notches, mid of each side</option>
                        <option value="corners">the corners of the window</option>
                    </select></div>
            </div>
            <fieldset class="mt-3">
                <legend class="text-sm text-soft">Points, the frame’s top as it stands at the machine</legend>
                <div class="flex flex-wrap gap-2" id="place-points"></div>
            </fieldset>
            <p id="place-said" class="mt-3 font-head text-lg font-semibold" role="status"></p>
            <p id="place-clear" class="text-sm"></p>
            <canvas id="place-loupe" width="180" height="180" class="mt-3 border border-hair" aria-hidden="true"></canvas>
            <x-because about="How this was worked out">Four points of known place on the frame say where each pixel lies on
                the cloth. The cross and the point above it, found by the four printed targets or touched by hand, give
                offset and angle; the error is that of a point touched a pixel or two off, at 95 %. A template that does
                not lie flat, or a cap, cannot be measured so.</x-because>
            <p class="mt-4 flex flex-wrap gap-2"><a class="btn btn-small"
                    href="{{ route('artwork.template', [$artwork, 'paper' => 'a4']) }}">Template with targets</a> <a
                    class="btn btn-small" href="{{ route('setup.stickers', ['paper' => 'a4']) }}">Stickers</a></p>
        </section>
    </div>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('place.js') }}" defer></script>
</x-layout>
