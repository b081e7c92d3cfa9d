<x-layout station="artwork" :title="$artwork->name . ', make'">
    <x-slot:say>Turn it, lay out copies, regroup them by colour, put in halts; what comes of it is said before
        anything is kept.</x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="make" />
    <section class="mb-5 border-b border-hair pb-4" aria-label="For a quantity of patches">
        <div class="flex flex-wrap items-end gap-3">
            <div class="w-32"><label for="for">For how many pieces</label><input id="for" name="for"
                    inputmode="numeric" class="num" value="{{ request('for', 48) }}" data-key="q"
                    data-does="For how many pieces" hx-get="{{ route('artwork.sheets', $artwork) }}"
                    hx-trigger="load, input changed delay:400ms" hx-target="#sheets" hx-swap="innerHTML"></div>
            <p class="flex-1 text-sm text-soft">Patches, and whatever is cut out of a frame: which frame, and how
                many to a
                sheet, is done soonest.</p>
        </div>
        <div id="sheets" class="mt-2 min-h-10" aria-live="polite"></div>
    </section>
    <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
        <form id="make" method="post" action="{{ route('artwork.make', $artwork) }}"
            hx-get="{{ route('artwork.preview', $artwork) }}"
            hx-trigger="load, change delay:150ms, keyup changed delay:400ms from:#stops" hx-target="#made"
            hx-swap="innerHTML">
            @csrf
            <fieldset class="grid grid-cols-2 gap-x-4 gap-y-3">
                <div><label for="turn">Turned, counter-clockwise</label><select id="turn" name="turn"
                        data-key="t" data-does="Choose the turn">
                        @foreach ([0 => 'not', 90 => '90°', 180 => '180°', 270 => '270°'] as $deg => $label)
                            <option value="{{ $deg }}" @selected((int) old('turn',
                                request('turn')) === $deg)>{{ $label }}
                            </option>
                        @endforeach
                    </select>
                </div>
                <div><label class="mt-6 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="mirrored" value="1" class="h-5 w-5" @checked(old('mirrored', request('mirrored')))
                                data-key="i"
                            data-does="Mirror it"> Mirrored left to right <kbd>i</kbd></label></div>
                <div><label for="frame">Inside the field of</label><select id="frame" name="frame"
                        data-key="f" data-does="Choose the frame">
                        <option value="">no frame</option>
                        @foreach ($frames as $frame)
                            <option value="{{ $frame->code }}"
                                @selected(old('frame', request('frame')) === $frame->code)>{{ $frame->code }}
                                {{ $frame->name }}</option>
                        @endforeach
                    </select><x-wrong field="frame" /></div>
                <div><label class="mt-6 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="most" value="1" class="h-5 w-5" @checked(old('most', request('most'))) data-key="a"
                            data-does="As many as fit"> as many as fit <kbd>a</kbd></label></div>
                <div class="col-span-2 grid grid-cols-3 gap-3">
                    <div><label for="columns">Copies along</label><input id="columns" name="columns"
                            inputmode="numeric" value="{{ old('columns', request('columns', 1)) }}" class="num"
                            data-key="c" data-does="Type how many copies"></div>
                    <div><label for="rows">Copies up</label><input id="rows" name="rows" inputmode="numeric"
                            value="{{ old('rows', request('rows', 1)) }}" class="num"></div>
                    <div><label for="gap">Gap, mm</label><input id="gap" name="gap" inputmode="decimal"
                            value="{{ old('gap', request('gap', $gap)) }}" class="num"></div>
                </div>
                <div class="col-span-2"><x-wrong field="columns" /><x-wrong field="rows" /><x-wrong field="gap" />
                </div>
                <label class="col-span-2 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                        name="regroup" value="1" class="h-5 w-5" @checked(old('regroup', '1')) data-key="g"
                        data-does="Regroup by colour"> Regroup the copies by colour <kbd>g</kbd></label>
                <div class="col-span-2"><label for="stops">Halts to put in, after stitch</label><input id="stops"
                        name="stops" value="{{ old('stops', request('stops')) }}" placeholder="such as 82, 164"
                        data-key="p" data-does="Type where it is to halt"><x-wrong field="stops" />
                    <p class="mt-1 text-sm text-soft">For applied cloth whose lines come in one block. The number of a
                        stitch is read under <a href="{{ route('artwork.show', $artwork) }}">Look</a>. Stops it has
                        already:
                        {{ implode(', ', array_map(static fn($step) => App\Shop\Figure::words($step->to),
                            array_slice($sheet->steps, 0, -1))) ?: 'none' }}.
                    </p>
                </div>
                <x-field name="name" label="Name of what is made" box="col-span-2" maxlength="120"
                    :placeholder="$artwork->name.', and what was done'" />
            </fieldset>
            <div class="mt-3"><x-wrong field="sure" />
                <div id="sure-box"></div>
            </div>
            <p class="mt-4 flex flex-wrap gap-2">
                <button class="btn btn-main" data-key="k">Keep it with this artwork <kbd>k</kbd></button>
                <button class="btn" formmethod="get" formaction="{{ route('artwork.make.tape', $artwork) }}">Save as
                    tape</button>
            </p>
        </form>
        <section id="made" aria-live="polite" aria-label="What comes of it">
            <p class="text-soft">Being worked out.</p>
        </section>
    </div>
</x-layout>
