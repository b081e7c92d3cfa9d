{{-- A machine, or several alike. --}}
<form method="post" action="{{ route('machines.add') }}" class="grid gap-3">@csrf
    <div class="grid grid-cols-2 gap-3 md:grid-cols-6">
        <x-field name="code" :label="__('shop.machine_machine_form.short_name')" maxlength="12" placeholder="M1" required />
        <x-field name="title" :label="__('shop.machine_machine_form.name')" maxlength="80" box="md:col-span-2" required />
        <x-field name="heads" :label="__('shop.machine_machine_form.heads')" value="1" inputmode="numeric" />
        <x-field name="needles" :label="__('shop.machine_machine_form.needles_per_head')" value="15" inputmode="numeric" />
        <x-field name="top_spm" :label="__('shop.machine_machine_form.top_speed_spm')" value="1000" inputmode="numeric" />
    </div>
    <div class="grid grid-cols-2 gap-3 md:grid-cols-6">
        <fieldset class="md:col-span-2">
            <legend class="text-sm text-soft">{{ __('shop.machine_machine_form.drivers') }}</legend>
            <div class="flex flex-wrap gap-x-4">
                @foreach (Hakama\Machine\Driver::cases() as $driver)
                    <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="drivers[]" value="{{ $driver->value }}"
                                @checked(in_array($driver->value, old('drivers', ['flat']), true))>
                        {{ $driver->label() }}</label>
                @endforeach
            </div>
            <x-wrong field="drivers" />
        </fieldset>
        <div><label for="driver">{{ __('shop.machine_machine_form.mounted_now') }}</label><select id="driver" name="driver"
                @error('driver') aria-invalid="true" aria-describedby="wrong-driver" @enderror>
                @foreach (Hakama\Machine\Driver::cases() as $driver)
                    <option value="{{ $driver->value }}" @selected(old('driver', 'flat') === $driver->value)>{{ $driver->label() }}</option>
                @endforeach
            </select><x-wrong field="driver" /></div>
        <div><label for="counts_from">{{ __('shop.machine_machine_form.needle_1_is_at_the') }}</label><select id="counts_from" name="counts_from">
                @foreach (['left', 'right'] as $side)
                    <option value="{{ $side }}" @selected(old('counts_from', 'left') === $side)>{{ __('shop.side.'.$side) }}</option>
                @endforeach
            </select><x-wrong field="counts_from" /></div>
        <div><label for="turns_caps">{{ __('shop.machine_machine_form.turns_caps_itself') }}</label><select id="turns_caps" name="turns_caps">
                @foreach (['' => __('shop.machine_machine_form.unknown'), 'yes' => __('common.change_table.yes'), 'no' => __('common.change_table.no')] as $value => $words)
                    <option value="{{ $value }}" @selected(old('turns_caps', '') === $value)>{{ $words }}</option>
                @endforeach
            </select><x-wrong field="turns_caps" /></div>
        <x-field name="many" :label="__('shop.machine_machine_form.how_many_of_these')" value="1" inputmode="numeric" />
    </div>
    <div class="grid grid-cols-2 items-end gap-3 md:grid-cols-6">
        <x-field name="arm_width" :label="__('shop.machine_machine_form.arm_width_mm')" inputmode="decimal" />
        <x-field name="gap" :label="__('shop.machine_machine_form.gap_under_the_carriage_mm')" inputmode="decimal" />
        <div><button type="submit" class="btn btn-main" data-key="v" data-does="{{ __('shop.machine_machine_form.add_machine') }}">{{ __('shop.machine_machine_form.add') }} <kbd>v</kbd></button></div>
        @isset($another)
            <div><button type="submit" class="btn" name="another" value="{{ $another }}">{{ __('common.form.add_and_another') }}</button></div>
        @endisset
    </div>
</form>
