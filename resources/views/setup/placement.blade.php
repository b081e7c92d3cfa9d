<details class="mt-3 border border-hair p-3"
    @if ($errors->hasAny(['size', 'peg', 'down', 'across', 'who', 'measure', 'a', 'b'])) open @endif>
    <summary data-key="m" data-does="Find and keep the place">Find the place on the garment, and keep it <kbd>m</kbd>
    </summary>
    <form hx-get="{{ route('setup.measure', $decoration) }}" hx-target="#measured" hx-swap="innerHTML"
        hx-trigger="input delay:250ms, submit" class="mt-2 grid grid-cols-[2fr_1fr_1fr] gap-3">
        <div><label for="measure">It goes</label><select id="measure" name="measure">
                <option value="level">level with a mark on the other side</option>
                <option value="midway">in the middle of two marks</option>
                <option value="gaps">with equal gaps to two seams</option>
                <option value="half">in the middle of a measured width</option>
                <option value="corner">on a corner’s bisector</option>
            </select></div>
        <div><label for="measure-a">Measured, {{ $units->label() }}</label><input id="measure-a" name="a"
            inputmode="decimal"
                class="num"></div>
        <div><label for="measure-b">and, {{ $units->label() }} or °</label><input id="measure-b" name="b"
            inputmode="decimal"
                class="num"></div>
    </form>
    <p id="measured" class="mt-1 min-h-6 text-sm" role="status"></p>
    <form method="post" action="{{ route('setup.keep', $decoration) }}"
        class="mt-2 grid grid-cols-[1fr_1fr_1fr_1fr_auto] items-end gap-3">
        @csrf @method('put')
        <div><label for="k-size">For size</label><select id="k-size" name="size">
                @foreach ($rows as $row)
                    <option value="{{ $row->size->value }}"
                        @selected(old('size', $sheet->row->size->value) === $row->size->value)>{{ $row->size->value }}
                    </option>
                @endforeach
            </select><x-wrong field="size" /></div>
        <div><label for="k-peg">Peg</label><input id="k-peg" name="peg"
                value="{{ old('peg', $advice->placement->peg) }}" maxlength="12"><x-wrong field="peg" /></div>
        <div><label for="k-down">Down, {{ $units->label() }}</label><input id="k-down" name="down" inputmode="decimal"
                value="{{ old('down', $units->field($advice->placement->downMm)) }}" class="num"
                @error('down') aria-invalid="true" aria-describedby="wrong-down" @enderror><x-wrong field="down" />
        </div>
        <div><label for="k-across">Across, {{ $units->label() }}</label><input id="k-across" name="across"
            inputmode="decimal"
                value="{{ old('across', $units->field($advice->placement->acrossMm)) }}" class="num"
                @error('across') aria-invalid="true" aria-describedby="wrong-across" @enderror><x-wrong
                field="across" /></div>
        <button class="btn">Keep it</button>
        @php $panel = Hakama\Garment\Panel::of($decoration->line->garment, $decoration->position); @endphp
        @if ($panel->isTube())
            <div class="col-span-5 flex items-center gap-3"><label for="k-from" class="m-0">Measured from</label><select
                    id="k-from" name="from" class="!w-auto">
                    <option value="usual">the {{ $advice->placement->datum->value }}, as the house does</option>
                    <option value="other" @selected(old('from') === 'other')>the other end, the {{ $panel->otherEnd() }}
                    </option>
                </select><x-wrong field="from" /></div>
        @endif
    </form>
    <p class="mt-1 text-sm text-soft">Kept for {{ $decoration->line->style ?: $decoration->line->garment->label() }},
        {{ $decoration->positionLabel() }}, by size; the next order of it starts from here.</p>
</details>
