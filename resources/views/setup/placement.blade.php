<details class="mt-3 border border-hair p-3"
    @if ($errors->hasAny(['size', 'peg', 'down', 'across', 'who', 'measure', 'a', 'b'])) open @endif>
    <summary data-key="m" data-does="{{ __('setup.placement.find_and_save_the_position') }}">{{ __('setup.placement.find_the_position_on_the_garment') }} <kbd>m</kbd>
    </summary>
    <form action="{{ route('setup.measure', $decoration) }}" data-hx-get="{{ route('setup.measure', $decoration) }}"
        data-hx-target="#measured" data-hx-swap="innerHTML"
        data-hx-trigger="input delay:250ms, submit" class="mt-2 grid grid-cols-[2fr_1fr_1fr] gap-3">
        <div><label for="measure">{{ __('setup.placement.located') }}</label><select id="measure" name="measure">
                <option value="level">{{ __('setup.placement.level_with_a_mark_on_the') }}</option>
                <option value="midway">{{ __('setup.placement.midway_between_two_marks') }}</option>
                <option value="gaps">{{ __('setup.placement.with_equal_gaps_to_two_seams') }}</option>
                <option value="half">{{ __('setup.placement.centred_on_a_measured_width') }}</option>
                <option value="corner">{{ __('setup.placement.on_a_corners_bisector') }}</option>
            </select></div>
        <div><label for="measure-a">{{ __('setup.placement.measured', [
            'units' => $units->label(),
        ]) }}</label><input type="text" id="measure-a" name="a"
            inputmode="decimal"
                class="num"></div>
        <div><label for="measure-b">{{ __('setup.placement.and_or', [
            'units' => $units->label(),
        ]) }}</label><input type="text" id="measure-b" name="b"
            inputmode="decimal"
                class="num"></div>
        <noscript><button type="submit" class="btn">{{ __('setup.placement.measure') }}</button></noscript>
    </form>
    <p id="measured" class="mt-1 min-h-6 text-sm" role="status"></p>
    <form method="post" action="{{ route('setup.keep', $decoration) }}"
        class="mt-2 grid grid-cols-[1fr_1fr_1fr_1fr_auto] items-end gap-3">
        @csrf @method('put')
        <div><label for="k-size">{{ __('setup.placement.for_size') }}</label><select id="k-size" name="size">
                @foreach ($rows as $row)
                    <option value="{{ $row->size->value }}"
                        @selected(old('size', $sheet->row->size->value) === $row->size->value)>{{ $row->size->label() }}
                    </option>
                @endforeach
            </select><x-wrong field="size" /></div>
        <div><label for="k-peg">{{ __('setup.placement.peg') }}</label><input type="text" id="k-peg" name="peg"
                value="{{ old('peg', $advice->placement->peg) }}" maxlength="12"><x-wrong field="peg" /></div>
        <div><label for="k-down">{{ __('setup.placement.down', [
            'units' => $units->label(),
        ]) }}</label><input type="text" id="k-down" name="down" inputmode="decimal"
                value="{{ old('down', $units->field($advice->placement->downMm)) }}" class="num"
                @error('down') aria-invalid="true" aria-describedby="wrong-down" @enderror><x-wrong field="down" />
        </div>
        <div><label for="k-across">{{ __('setup.placement.across', [
            'units' => $units->label(),
        ]) }}</label><input type="text" id="k-across" name="across"
            inputmode="decimal"
                value="{{ old('across', $units->field($advice->placement->acrossMm)) }}" class="num"
                @error('across') aria-invalid="true" aria-describedby="wrong-across" @enderror><x-wrong
                field="across" /></div>
        <button type="submit" class="btn">{{ __('setup.placement.save') }}</button>
        @php $panel = Hakama\Garment\Panel::of($decoration->line->garment, $decoration->position); @endphp
        @if ($panel->isTube())
            <div class="col-span-5 flex items-center gap-3"><label for="k-from"
                class="m-0">{{ __('setup.placement.measured_from') }}</label><select
                    id="k-from" name="from" class="!w-auto">
                    <option value="usual">{{ __('setup.placement.the_house_standard', [
                        'value' => $advice->placement->datum->label(),
                    ]) }}</option>
                    <option
                        value="other" @selected(old('from') === 'other')>{{ __('setup.placement.the_other_end_the', [
                        'other_end' => $panel->otherEnd()->label(),
                    ]) }}
                    </option>
                </select><x-wrong field="from" /></div>
        @endif
    </form>
    <p class="mt-1 text-sm text-soft">{{ __('setup.placement.saved_for_by_size_the_next', [
        'style' => $decoration->line->style ?: $decoration->line->garment->label(),
        'position_label' => $decoration->positionLabel(),
    ]) }}</p>
</details>
