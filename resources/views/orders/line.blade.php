@php
    $o = static fn(string $field, mixed $default = '') => old("lines.{$i}.{$field}", $default);
    $chosen = [
        ['garment', __('orders.line.garment'), Hakama\Garment\Garment::cases(), 'polo'],
        ['fabric', __('orders.line.fabric'), Hakama\Garment\Fabric::cases(), 'pique'],
        ['structure', __('orders.line.cap_front'), Hakama\Garment\Structure::cases(), 'none'],
        ['profile', __('orders.line.cap_height'), Hakama\Garment\Profile::cases(), 'none'],
    ];
@endphp
<fieldset class="line sheet mt-5 p-4">
    <legend class="px-2 font-head font-semibold">{{ __('orders.line.line') }}</legend>
    <div class="grid grid-cols-2 gap-3 md:grid-cols-7">
        @foreach ($chosen as [$field, $label, $cases, $default])
            <div @class(['only-cap' => in_array($field, ['structure', 'profile'], true)])>
                <label for="l{{ $i }}-{{ $field }}">{{ $label }}</label>
                <select id="l{{ $i }}-{{ $field }}"
                    name="lines[{{ $i }}][{{ $field }}]"
                    @error("lines.{$i}.{$field}") aria-invalid="true"
                        aria-describedby="wrong-lines-{{ $i }}-{{ $field }}" @enderror>
                    @foreach ($cases as $case)
                        <option value="{{ $case->value }}" @selected($o($field, $default) === $case->value)
                            @if ($field === 'garment') data-fabric="{{ Hakama\Garment\Fabric::usualOf($case)->value }}"
                                data-positions="{{ implode(' ', array_column(Hakama\Garment\Position::of($case), 'value')) }}" @endif>
                            {{ $case->value === 'none' ? __('orders.line.from_the_catalogue') : $case->label() }}</option>
                    @endforeach
                </select>
                <x-wrong :field="'lines.' . $i . '.' . $field" />
            </div>
        @endforeach
        <div class="only-patch">
            <label for="l{{ $i }}-back">{{ __('orders.line.patch_is') }}</label>
            <select id="l{{ $i }}-back" name="lines[{{ $i }}][patch_back]">
                @foreach (Hakama\Garment\PatchBack::cases() as $back)
                    <option value="{{ $back->value }}"
                        @selected($o('patch_back') === $back->value)>{{ $back->label() }}</option>
                @endforeach
            </select>
            <x-wrong :field="'lines.' . $i . '.patch_back'" />
        </div>
        <div>
            <label for="l{{ $i }}-style">{{ __('orders.line.style') }}</label>
            <input type="text" id="l{{ $i }}-style" name="lines[{{ $i }}][style]" value="{{ $o('style') }}"
                maxlength="80" list="styles" autocomplete="off">
            <x-wrong :field="'lines.' . $i . '.style'" />
        </div>
        <div>
            <label for="l{{ $i }}-colour">{{ __('orders.line.colour_name') }}</label>
            <input type="text" id="l{{ $i }}-colour" name="lines[{{ $i }}][colour_name]"
                value="{{ $o('colour_name') }}" maxlength="40" required list="colours" autocomplete="off"
                data-colour-of="l{{ $i }}-hex" data-colours="{{ route('orders.colour') }}"
                @error("lines.{$i}.colour_name") aria-invalid="true"
                    aria-describedby="wrong-lines-{{ $i }}-colour_name" @enderror>
            <x-wrong :field="'lines.' . $i . '.colour_name'" />
        </div>
        <div>
            <label for="l{{ $i }}-hex">{{ __('orders.line.colour') }}</label>
            <span class="grid grid-cols-[minmax(0,1fr)_auto]">
                <input type="text" id="l{{ $i }}-hex" name="lines[{{ $i }}][colour_hex]"
                    value="{{ $o('colour_hex') }}" maxlength="7" spellcheck="false" placeholder="{{ __('orders.line.by_its_name') }}"
                    @error("lines.{$i}.colour_hex") aria-invalid="true"
                        aria-describedby="wrong-lines-{{ $i }}-colour_hex" @enderror>
                <input type="color" data-picks="l{{ $i }}-hex"
                    value="{{ preg_match('/^#[0-9a-f]{6}$/i', (string) $o('colour_hex'))
                        ? $o('colour_hex') : '#8a8d91' }}"
                    tabindex="-1" aria-label="{{ __('orders.line.pick_the_garments_colour') }}"
                    class="h-[40px] w-12 border border-[#8c8577] bg-paper p-1">
            </span>
            <x-wrong :field="'lines.' . $i . '.colour_hex'" />
        </div>
    </div>
    <fieldset class="mt-3">
        <legend class="text-sm text-soft">{{ __('orders.line.quantity_by_size') }}</legend>
        <div class="flex flex-wrap gap-2">
            @foreach (Hakama\Garment\Size::cases() as $size)
                <div class="w-[76px]">
                    <label for="l{{ $i }}-{{ $size->value }}"
                        class="text-center">{{ $size->label() }}</label>
                    <input type="text" id="l{{ $i }}-{{ $size->value }}"
                        name="lines[{{ $i }}][sizes][{{ $size->value }}]" inputmode="numeric"
                        value="{{ $o('sizes.' . $size->value) }}" class="num"
                        @error("lines.{$i}.sizes.{$size->value}") aria-invalid="true" @enderror>
                </div>
            @endforeach
        </div>
        <x-wrong :field="'lines.' . $i . '.sizes'" />
        @foreach (Hakama\Garment\Size::cases() as $size)
            <x-wrong :field="'lines.' . $i . '.sizes.' . $size->value" />
        @endforeach
    </fieldset>
    <div class="mt-3 grid grid-cols-1 gap-3 md:grid-cols-4">
        @foreach ([0, 1] as $j)
            @include('orders.place')
        @endforeach
    </div>
    <details class="mt-2" @if ($o('decorations.2.position') || $o('decorations.3.position')) open @endif>
        <summary class="text-sm text-soft">{{ __('orders.line.more_positions_for_example_along_a') }}</summary>
        <div class="mt-2 grid grid-cols-1 gap-3 md:grid-cols-4">
            @foreach ([2, 3] as $j)
                @include('orders.place')
            @endforeach
        </div>
    </details>
    <div class="mt-3 flex flex-wrap items-end gap-4">
        <div class="w-40"><label for="l{{ $i }}-value">{{ __('orders.line.garment_value') }}</label><input type="text"
                id="l{{ $i }}-value" name="lines[{{ $i }}][unit_value]" inputmode="decimal"
                value="{{ $o('unit_value') }}" placeholder="{{ __('orders.line.from_the_catalogue') }}" class="num"
                @error("lines.{$i}.unit_value") aria-invalid="true"
                    aria-describedby="wrong-lines-{{ $i }}-unit_value" @enderror>
        </div>
        <div class="w-24"><label for="l{{ $i }}-spares">{{ __('orders.line.spares') }}</label><input type="text"
                id="l{{ $i }}-spares" name="lines[{{ $i }}][spares]" inputmode="numeric"
                value="{{ $o('spares') }}" class="num"
                @error("lines.{$i}.spares") aria-invalid="true" aria-describedby="wrong-lines-{{ $i }}-spares"
                    @enderror>
        </div>
        <x-wrong :field="'lines.' . $i . '.unit_value'" /><x-wrong :field="'lines.' . $i . '.spares'" />
    </div>
    @if ($i > 0)
        <button type="button" class="btn btn-small mt-3" data-remove=".line">{{ __('orders.line.remove_this_line') }}</button>
    @endif
</fieldset>
