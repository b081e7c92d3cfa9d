@if ($frames !== [])
    <p class="note mb-4"><x-said key="shop.begin_frames.in_your_shop_sizes_and_quantities" :with="[
        'value' => implode(', ', $frames),
    ]"><x-slot:link><a
            href="{{ route('catalogue.show', 'frames') }}">{{ __('shop.begin_frames.catalogue_of_frames') }}</a></x-slot:link></x-said></p>
@endif
<form method="post" action="{{ route('begin.frames') }}">@csrf
    <x-wrong field="sets" />
    <div class="grid gap-x-6 gap-y-3 md:grid-cols-2">
        @foreach (Hakama\Machine\FrameSet::cases() as $set)
            <label class="m-0 flex items-start gap-3 border-b border-hair py-2 text-base text-ink"><input
                type="checkbox"
                    name="sets[]" value="{{ $set->value }}" class="mt-1"
                        @checked(in_array($set->value, old('sets', []), true))>
                <span><strong>{{ $set->words() }}</strong><span class="block text-sm text-soft">{{ $set->isFor() }}:
                        @foreach ($set->frames() as $name => $frame)
                            {{ __('shop.begin_frames.x_mm', [
                                'id' => $frame->id,
                                'width_mm' => $frame->window->widthMm,
                                'height_mm' => $frame->window->heightMm,
                                'value' => $loop->last ? '' : ', ',
                            ]) }}
                        @endforeach
                    </span></span></label>
        @endforeach
    </div>
    <p class="my-3 text-sm text-soft"><x-said key="shop.begin_frames.these_are_common_sizes_measure_your">
        <x-slot:link><a
            href="{{ route('catalogue.show', 'frames') }}">{{ __('shop.begin_frames.catalogue') }}</a></x-slot:link></x-said></p>
    <button type="submit" class="btn btn-main"
        data-key="v">{{ __('shop.begin_frames.add_ticked') }} <kbd>v</kbd></button>
</form>
