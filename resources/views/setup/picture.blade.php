@use('Hakama\Picture\PictureQuestion')
<x-layout station="setup" :title="__('setup.picture.measure_position_from_a_picture')">
    @php
        $artwork = $decoration->artwork;
        $first = $frames->firstWhere('id', $chosen) ?? $frames->first();
    @endphp
    <x-slot:say>{{ __('setup.picture.lay_the_template_on_the_mark') }}</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>{{ __('setup.picture.measure_position_from_a_picture') }}</h1>
        <p class="text-soft">{{ $artwork->name }}, {{ $decoration->line->garmentLabel() }},
            {{ $decoration->positionLabel() }}</p>
        <p class="ms-auto"><a href="{{ route('setup.show', $decoration) }}" data-key="b" data-does="{{ __('setup.picture.back_to_the_setup') }}">{{ __('setup.picture.its_setup') }} <kbd>b</kbd></a></p>
    </div>
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]"
        data-place="{{ json_encode([
            'measure' => route('setup.picture.measure', $decoration),
            'asks' => collect(PictureQuestion::cases())->mapWithKeys(fn ($ask) => [$ask->value => App\Foundation\Words\Words::each($ask->asked()->parts)]),
            'track' => route('artwork.track', [$artwork, 'v' => $mark . $trimJumps]),
            'colours' => $artwork->colours(),
            'middle' => [$artwork->bounds()->centre()->x, $artwork->bounds()->centre()->y],
            'frames' => $frames->mapWithKeys(fn ($frame) => [
                $frame->code => [$frame->window_width_mm, $frame->window_height_mm, $frame->round],
            ])->all(),
        ]) }}">
        <section aria-label="{{ __('setup.picture.the_picture') }}">
            <canvas id="place-canvas" class="weave block w-full touch-none border border-hair" height="420" tabindex="0"
                aria-label="{{ __('setup.picture.the_picture_with_the_chosen_points') }}"></canvas>
            <p id="place-hint" class="mt-1 text-sm text-soft" aria-live="polite">{{ __('setup.picture.no_picture_yet') }}</p>
        </section>
        <section aria-label="{{ __('setup.picture.result') }}">
            <div class="grid grid-cols-2 gap-3">
                <div class="col-span-2"><label for="place-file">{{ __('setup.picture.picture_of_the_hooped_piece') }}</label><input id="place-file"
                        type="file" accept="image/*" capture="environment"></div>
                <div class="col-span-2"><label for="place-ask">{{ __('setup.picture.what_to_measure') }}</label><select id="place-ask">
                        @foreach (PictureQuestion::cases() as $ask)
                            <option value="{{ $ask->value }}">{{ $ask->label() }}</option>
                        @endforeach
                    </select></div>
                <div><label for="place-frame">{{ __('setup.picture.frame') }}</label><select id="place-frame">
                        @foreach ($frames as $frame)
                            <option value="{{ $frame->code }}" @selected($frame->is($first))>{{ __('setup.picture.x_mm', [
                                'code' => $frame->code,
                                'window_width_mm' => App\Shop\Figure::words($frame->window_width_mm),
                                'window_height_mm' => App\Shop\Figure::words($frame->window_height_mm),
                            ]) }}</option>
                        @endforeach
                    </select></div>
                <div><label for="place-by">{{ __('setup.picture.points_of_the_frame') }}</label><select id="place-by">
                        <option value="notches">{{ __('setup.picture.the_notches_mid_of_each_side') }}</option>
                        <option value="corners">{{ __('setup.picture.the_corners_of_the_window') }}</option>
                    </select></div>
            </div>
            <fieldset class="mt-3">
                <legend class="text-sm text-soft">{{ __('setup.picture.points_top_of_the_frame_as') }}</legend>
                <div class="flex flex-wrap gap-2" id="place-points"></div>
            </fieldset>
            <p id="place-said" class="mt-3 font-head text-lg font-semibold" role="status"></p>
            <p id="place-clear" class="text-sm"></p>
            <canvas id="place-loupe" width="180" height="180" class="mt-3 border border-hair" aria-hidden="true"></canvas>
            <x-because :about="__('setup.picture.how_its_calculated')">{{ __('setup.picture.four_known_points_on_the_frame') }}</x-because>
            <p class="mt-4 flex flex-wrap gap-2"><a class="btn btn-small"
                    href="{{ route('artwork.template', $artwork) }}">{{ __('setup.picture.template_with_targets') }}</a> <a
                    class="btn btn-small" href="{{ route('setup.stickers') }}">{{ __('setup.picture.stickers') }}</a></p>
        </section>
    </div>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('place.js') }}" defer></script>
</x-layout>
