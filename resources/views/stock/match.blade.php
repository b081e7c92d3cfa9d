<x-layout station="shop" :title="__('stock.match.match_a_colour')">
    <x-slot:say>{{ __('stock.match.the_five_closest_threads_on_the') }}</x-slot:say>
    <x-shelf-tabs here="match" :title="__('stock.match.match_a_colour')" />
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
        <div>
            <form id="wanted" action="{{ route('threads.match') }}" data-hx-get="{{ route('threads.match') }}"
                data-hx-target="#matches"
                data-hx-swap="innerHTML"
                data-hx-trigger="change, submit, picked" class="grid grid-cols-2 gap-x-4 gap-y-3">
                <div><label for="hex">{{ __('stock.match.colour') }}</label>
                    <div class="flex gap-2"><input type="text" id="hex" name="hex" value="{{ $hex }}"
                            maxlength="7" spellcheck="false" data-key="c"
                                data-does="{{ __('stock.match.type_the_colour') }}"><input
                            type="color" tabindex="-1" aria-label="{{ __('stock.match.pick_the_colour') }}"
                            value="{{ preg_match('/^#[0-9a-f]{6}$/i', $hex) ? $hex : '#2b3a67' }}" data-picks="hex"
                            class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1"></div>
                </div>
                <div><label for="cloth">{{ __('stock.match.garment_colour') }}</label>
                    <div class="flex gap-2"><input type="text" id="cloth" name="cloth" value="{{ $cloth }}"
                            maxlength="7" spellcheck="false"><input type="color" tabindex="-1"
                            aria-label="{{ __('stock.match.pick_the_garment_colour') }}" value="{{ $cloth }}"
                                data-picks="cloth"
                            class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1"></div>
                </div>
                <div><label for="like">{{ __('stock.match.or_like_this_thread') }}</label><select id="like" name="like">
                        <option value="">{{ __('stock.match.none') }}</option>
                        @foreach ($threads as $thread)
                            <option value="{{ $thread->code }}"
                                @selected($like?->code === $thread->code)>{{ __('stock.match.wt', [
                                    'code' => $thread->code,
                                    'name' => $thread->name,
                                    'weight' => $thread->weight,
                                ]) }}</option>
                        @endforeach
                    </select>
                </div>
                <div><label for="weight">{{ __('stock.match.weight') }}</label><select id="weight" name="weight">
                        <option value="">{{ __('stock.match.any') }}</option>
                        @foreach ($weights as $one)
                            <option value="{{ $one }}" @selected($weight === $one)>{{ $one }}
                            </option>
                        @endforeach
                    </select></div>
                <noscript><button type="submit" class="btn">{{ __('stock.match.match_a_colour') }}</button></noscript>
            </form>
            <h2 class="mb-1 mt-6">{{ __('stock.match.from_a_photo_of_the_garment') }}</h2>
            <label for="photo">{{ __('stock.match.choose_a_photo_it_stays_on') }}</label>
            <input id="photo" type="file" accept="image/*" data-key="p"
                data-does="{{ __('stock.match.choose_a_photo') }}">
            <canvas id="photo-canvas" class="mt-2 w-full border border-hair" width="560" height="300"
                tabindex="0" role="application"
                aria-label="{{ __('stock.match.the_photo_press_on_it_or') }}"
                hidden></canvas>
            <p id="photo-hint" class="mt-1 text-sm text-soft" hidden>{{ __('stock.match.click_for_the_thread_colour_shift') }}</p>
        </div>
        <section id="matches" aria-live="polite"
            aria-label="{{ __('stock.match.closest_threads') }}">@include('stock.matches')</section>
    </div>
</x-layout>
