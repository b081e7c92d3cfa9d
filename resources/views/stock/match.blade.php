<x-layout station="shop" title="Match a colour">
    <x-slot:say>The five nearest threads, laid side by side on the cloth’s colour. A photo stays in this
        browser.</x-slot:say>
    <x-shelf-tabs here="match" title="Match a colour" />
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
        <div>
            <form id="wanted" hx-get="{{ route('threads.match') }}" hx-target="#matches" hx-swap="innerHTML"
                hx-trigger="change, submit, picked" class="grid grid-cols-2 gap-x-4 gap-y-3">
                <div><label for="hex">Colour wanted</label>
                    <div class="flex gap-2"><input id="hex" name="hex" value="{{ $hex }}"
                            maxlength="7" spellcheck="false" data-key="c" data-does="Type the colour"><input
                            type="color" tabindex="-1" aria-label="Pick the colour"
                            value="{{ preg_match('/^#[0-9a-f]{6}$/i', $hex) ? $hex : '#2b3a67' }}" data-picks="hex"
                            class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1"></div>
                </div>
                <div><label for="cloth">On cloth of</label>
                    <div class="flex gap-2"><input id="cloth" name="cloth" value="{{ $cloth }}"
                            maxlength="7" spellcheck="false"><input type="color" tabindex="-1"
                            aria-label="Pick the cloth’s colour" value="{{ $cloth }}" data-picks="cloth"
                            class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1"></div>
                </div>
                <div><label for="like">or like this thread</label><select id="like" name="like">
                        <option value="">none</option>
                        @foreach ($threads as $thread)
                            <option value="{{ $thread->code }}"
                                @selected($like?->code === $thread->code)>{{ $thread->code }}
                                {{ $thread->name }}, {{ $thread->weight }} wt</option>
                        @endforeach
                    </select>
                </div>
                <div><label for="weight">Weight</label><select id="weight" name="weight">
                        <option value="">any</option>
                        @foreach ($weights as $one)
                            <option value="{{ $one }}" @selected($weight === $one)>{{ $one }}
                            </option>
                        @endforeach
                    </select></div>
            </form>
            <h2 class="mb-1 mt-6">From a photo of the garment</h2>
            <label for="photo">Choose a photo; it is opened here and sent nowhere</label>
            <input id="photo" type="file" accept="image/*" data-key="p" data-does="Choose a photo">
            <canvas id="photo-canvas" class="mt-2 w-full border border-hair" width="560" height="300"
                tabindex="0" role="application"
                aria-label="{{ 'The photo. Press on it, or move the cross with the arrow keys and press Enter to take '.
                    'the colour; C takes it for the cloth' }}"
                hidden></canvas>
            <p id="photo-hint" class="mt-1 text-sm text-soft" hidden>Press on the photo for the thread’s colour, with
                Shift for the cloth’s. Or arrow keys, then Enter or c. The middle of a few pixels is taken.</p>
        </div>
        <section id="matches" aria-live="polite" aria-label="Nearest threads">@include('stock.matches')</section>
    </div>
</x-layout>
