<form method="post" action="{{ route('people.add') }}" class="grid gap-3">@csrf
    <div><label for="names">{{ __('people.add_form.names_one_per_line') }}</label>
        <textarea id="names" name="names" rows="3" required @error('names') aria-invalid="true"
            aria-describedby="wrong-names" @enderror>{{ old('names') }}</textarea>
        <x-wrong field="names" />
    </div>
    <div><label for="role">{{ __('people.add_form.role') }}</label><select id="role" name="role">
            @foreach (Hakama\House\Role::cases() as $role)
                <option value="{{ $role->value }}" @selected(old('role', 'operator') === $role->value)>
                    {{ $role->label() }}: {{ $role->words() }}</option>
            @endforeach
        </select></div>
    <div><button type="submit" class="btn btn-main" data-key="v" data-does="{{ __('people.add_form.add') }}">{{ __('people.add_form.add') }} <kbd>v</kbd></button></div>
</form>
