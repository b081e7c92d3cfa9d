<x-layout station="artwork" :title="__('artwork.make.rearrange', ['name' => $artwork->name])">
    <x-slot:say>{{ __('artwork.make.rotate_repeat_regroup_by_colour_or') }}</x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="make" />
    <section class="mb-5 border-b border-hair pb-4" aria-label="{{ __('artwork.make.for_a_quantity_of_patches') }}">
        <div class="flex flex-wrap items-end gap-3">
            <div class="w-32"><label for="for">{{ __('artwork.make.number_of_pieces') }}</label><input type="text" id="for" name="for"
                    inputmode="numeric" class="num" value="{{ request('for', 48) }}" data-key="q"
                    data-does="{{ __('artwork.make.number_of_pieces') }}" data-hx-get="{{ route('artwork.sheets', $artwork) }}"
                    data-hx-trigger="load, input changed delay:400ms" data-hx-target="#sheets"
                        data-hx-swap="innerHTML"></div>
            <p class="flex-1 text-sm text-soft">{{ __('artwork.make.for_patches_and_other_pieces_cut') }}</p>
        </div>
        <div id="sheets" class="mt-2 min-h-[560px] sm:min-h-[330px] lg:min-h-[273px]" aria-live="polite"></div>
    </section>
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
        <form id="make" method="post" action="{{ route('artwork.make', $artwork) }}"
            data-hx-get="{{ route('artwork.preview', $artwork) }}"
            data-hx-trigger="load, change delay:150ms, keyup changed delay:400ms from:#stops" data-hx-target="#made"
            data-hx-swap="innerHTML">
            @csrf
            <div class="grid grid-cols-2 gap-x-4 gap-y-3">
                <div><label for="turn">{{ __('artwork.make.rotation_counter_clockwise') }}</label><select id="turn"
                    name="turn"
                        data-key="t" data-does="{{ __('artwork.make.choose_the_rotation') }}">
                        @foreach ([0 => __('artwork.make.not_turned'), 90 => '90°', 180 => '180°', 270 => '270°'] as $deg => $label)
                            <option value="{{ $deg }}" @selected((int) old('turn',
                                request('turn')) === $deg)>{{ $label }}
                            </option>
                        @endforeach
                    </select>
                </div>
                <div><label class="mt-6 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="mirrored" value="1" class="h-5 w-5" @checked(old('mirrored', request('mirrored')))
                                data-key="i"
                            data-does="{{ __('artwork.make.mirror') }}"> {{ __('artwork.make.mirrored_left_to_right') }} <kbd>i</kbd></label></div>
                <div><label for="frame">{{ __('artwork.make.sewing_field') }}</label><select id="frame" name="frame"
                        data-key="f" data-does="{{ __('artwork.make.choose_the_frame') }}">
                        <option value="">{{ __('artwork.make.no_frame') }}</option>
                        @foreach ($frames as $frame)
                            <option value="{{ $frame->code }}"
                                @selected(old('frame', request('frame')) === $frame->code)>{{ $frame->code }}
                                {{ $frame->name }}</option>
                        @endforeach
                    </select><x-wrong field="frame" /></div>
                <div><label class="mt-6 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="most" value="1" class="h-5 w-5" @checked(old('most', request('most'))) data-key="a"
                            data-does="{{ __('artwork.make.as_many_as_fit') }}"> {{ __('artwork.make.as_many_as_fit_2') }} <kbd>a</kbd></label></div>
                <div class="col-span-2 grid grid-cols-3 gap-3">
                    <div><label for="columns">{{ __('artwork.make.copies_across') }}</label><input type="text"
                        id="columns" name="columns"
                            inputmode="numeric" value="{{ old('columns', request('columns', 1)) }}" class="num"
                            data-key="c" data-does="{{ __('artwork.make.enter_how_many_copies') }}"></div>
                    <div><label for="rows">{{ __('artwork.make.copies_up') }}</label><input type="text" id="rows"
                        name="rows" inputmode="numeric"
                            value="{{ old('rows', request('rows', 1)) }}" class="num"></div>
                    <div><label for="gap">{{ __('artwork.make.gap_mm') }}</label><input type="text" id="gap"
                        name="gap" inputmode="decimal"
                            value="{{ old('gap', request('gap', $gap)) }}" class="num"></div>
                </div>
                <div class="col-span-2"><x-wrong field="columns" /><x-wrong field="rows" /><x-wrong field="gap" />
                </div>
                <label class="col-span-2 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                        name="regroup" value="1" class="h-5 w-5" @checked(old('regroup', '1')) data-key="g"
                        data-does="{{ __('artwork.make.regroup_by_colour') }}"> {{ __('artwork.make.regroup_the_copies_by_colour') }} <kbd>g</kbd></label>
                <div class="col-span-2"><label for="stops">{{ __('artwork.make.stop_after_stitch') }}</label><input type="text" id="stops"
                        name="stops" value="{{ old('stops', request('stops')) }}"
                            placeholder="{{ __('artwork.make.for_example_82_164') }}"
                        data-key="p" data-does="{{ __('artwork.make.enter_where_to_stop') }}"><x-wrong field="stops" />
                    <p class="mt-1 text-sm text-soft"><x-said key="artwork.make.for_applied_cloth_whose_lines_are"
                        :with="['value' => implode(', ', array_map(static fn($step) => App\Shop\Figure::words($step->to),
                            array_slice($sheet->steps, 0, -1))) ?: __('artwork.make.none')]">
                                <x-slot:link><a
                                    href="{{ route('artwork.show', $artwork) }}">{{ __('artwork.make.preview_it') }}</a></x-slot:link></x-said>
                    </p>
                </div>
                <x-field name="name" :label="__('artwork.make.name')" box="col-span-2" maxlength="120"
                    :placeholder="__('artwork.make.and_what_was_done', ['name' => $artwork->name])" />
            </div>
            <div class="mt-3"><x-wrong field="sure" />
                <div id="sure-box"></div>
            </div>
            <p class="mt-4 flex flex-wrap gap-2">
                <button type="submit" class="btn btn-main" data-key="k">{{ __('artwork.make.save_with_this_artwork') }} <kbd>k</kbd></button>
                <button type="submit" class="btn" formmethod="get"
                    formaction="{{ route('artwork.make.tape', $artwork) }}">{{ __('artwork.make.download_as_dst') }}</button>
            </p>
        </form>
        <section id="made" aria-live="polite" aria-label="{{ __('artwork.make.preview') }}">
            <p class="text-soft">{{ __('artwork.make.calculating') }}</p>
        </section>
    </div>
</x-layout>
