{{-- A machine, or several alike. --}}
<form method="post" action="{{ route('machines.add') }}" class="grid gap-3">@csrf
    <div class="grid grid-cols-2 gap-3 md:grid-cols-6">
        <x-field name="code" label="Short name" maxlength="12" placeholder="M1" required />
        <x-field name="title" label="Called" maxlength="80" box="md:col-span-2" required />
        <x-field name="heads" label="Heads" value="1" inputmode="numeric" />
        <x-field name="needles" label="Needles of a head" value="15" inputmode="numeric" />
        <x-field name="top_spm" label="Top speed, stitches a minute" value="1000" inputmode="numeric" />
    </div>
    <div class="grid grid-cols-2 gap-3 md:grid-cols-6">
        <fieldset class="md:col-span-2">
            <legend class="text-sm text-soft">Drivers it has</legend>
            <div class="flex flex-wrap gap-x-4">
                @foreach (Hakama\Machine\Driver::cases() as $driver)
                    <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                            name="drivers[]" value="{{ $driver->value }}"
                                @checked(in_array($driver->value, old('drivers', ['flat']), true))>
                        {{ $driver->value }}</label>
                @endforeach
            </div>
            <x-wrong field="drivers" />
        </fieldset>
        <div><label for="driver">Is on it now</label><select id="driver" name="driver"
                @error('driver') aria-invalid="true" aria-describedby="wrong-driver" @enderror>
                @foreach (Hakama\Machine\Driver::cases() as $driver)
                    <option @selected(old('driver', 'flat') === $driver->value)>{{ $driver->value }}</option>
                @endforeach
            </select><x-wrong field="driver" /></div>
        <div><label for="counts_from">Needle 1 is at the</label><select id="counts_from" name="counts_from">
                @foreach (['left', 'right'] as $side)
                    <option @selected(old('counts_from', 'left') === $side)>{{ $side }}</option>
                @endforeach
            </select><x-wrong field="counts_from" /></div>
        <div><label for="turns_caps">Turns caps by itself</label><select id="turns_caps" name="turns_caps">
                @foreach (['' => 'not known', 'yes' => 'yes', 'no' => 'no'] as $value => $words)
                    <option value="{{ $value }}" @selected(old('turns_caps', '') === $value)>{{ $words }}</option>
                @endforeach
            </select><x-wrong field="turns_caps" /></div>
        <x-field name="many" label="How many alike" value="1" inputmode="numeric" />
    </div>
    <div class="grid grid-cols-2 items-end gap-3 md:grid-cols-6">
        <x-field name="arm_width" label="Width of the arm, mm" inputmode="decimal" />
        <x-field name="gap" label="Room under the carriage, mm" inputmode="decimal" />
        <div><button class="btn btn-main" data-key="v" data-does="Add it">Add <kbd>v</kbd></button></div>
    </div>
</form>
