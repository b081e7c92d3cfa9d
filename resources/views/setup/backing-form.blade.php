<form method="post" action="{{ route('setup.backing') }}" class="sheet mt-4 p-4">@csrf
    <h3 class="mb-2 font-semibold">{{ __('setup.backing_form.add_to_stock') }}</h3>
    <div class="grid grid-cols-2 gap-3">
        <div><label for="kind">{{ __('setup.backing_form.kind') }}</label><select id="kind" name="kind">
                @foreach (Hakama\Setup\Backing\Backing::cases() as $case)
                    <option value="{{ $case->value }}" @selected(old('kind') === $case->value)>{{ $case->label() }}
                    </option>
                @endforeach
            </select>
        </div>
        <div><label for="form">{{ __('setup.backing_form.form') }}</label><select id="form" name="form">
                @foreach (Hakama\Setup\Backing\StockForm::cases() as $case)
                    <option value="{{ $case->value }}"
                        @selected(old('form', 'piece') === $case->value)>{{ $case->label() }}
                    </option>
                @endforeach
            </select></div>
        <x-field name="width" :label="__('setup.backing_form.width_mm')" inputmode="numeric" class="num" />
        <div><label for="length">{{ __('setup.backing_form.length_roll_in_m') }}</label><input type="text" id="length"
            name="length"
                value="{{ old('length') }}" inputmode="decimal" class="num"></div>
        <x-field name="gsm" :label="__('setup.backing_form.weight_g_m2')" inputmode="numeric" class="num" />
        <div><label for="count">{{ __('setup.backing_form.quantity') }}</label><input type="text" id="count"
            name="count"
                value="{{ old('count', 1) }}" inputmode="numeric" class="num"></div>
    </div>
    <button type="submit" class="btn mt-3" data-key="a">{{ __('setup.backing_form.add') }} <kbd>a</kbd></button>
    @isset($another)
        <button type="submit" class="btn mt-3" name="another" value="{{ $another }}">{{ __('common.form.add_and_another') }}</button>
    @endisset
</form>
