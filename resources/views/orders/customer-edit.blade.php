<x-layout station="orders" :title="$customer->exists ? __('customers.edit.change', ['name' => $customer->name]) : __('customers.edit.new_customer')">
    <x-slot:say>{{ __('customers.edit.say') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ $customer->exists ? __('customers.edit.change', ['name' => $customer->name]) : __('customers.edit.new_customer') }}</h1>
        <a class="ms-auto" href="{{ $customer->exists ? route('customers.show', $customer) : route('customers.index') }}"
            data-key="b">{{ __('customers.edit.back') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ $customer->exists ? route('customers.update', $customer) : route('customers.store') }}" novalidate
        class="max-w-5xl">@csrf
        @if ($customer->exists)
            @method('put')
            <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
            <x-wrong field="seen" />
        @endif
        <div class="grid grid-cols-1 gap-3 sm:grid-cols-4">
            <x-field name="name" :label="__('customers.edit.name')" :value="$facts['name']" maxlength="120" required box="sm:col-span-2" />
            <x-field name="email" :label="__('customers.edit.email')" :value="$facts['email']" type="email" maxlength="190" autocomplete="off" />
            <x-field name="phone" :label="__('customers.edit.phone')" :value="$facts['phone']" maxlength="40" autocomplete="off" />
            <x-field name="tax_number" :label="__('customers.edit.tax_number')" :value="$facts['tax_number']" maxlength="40" />
            <div><label for="language">{{ __('customers.edit.language') }}</label><select id="language" name="language">
                    <option value="">{{ __('customers.edit.of_the_shop') }}</option>
                    @foreach ($languages as $code => $name)
                        <option value="{{ $code }}" lang="{{ $code }}" @selected(old('language', $facts['language']) === $code)>{{ $name }}</option>
                    @endforeach
                </select><x-wrong field="language" /></div>
            <x-field name="terms_days" :label="__('customers.edit.terms')" :value="$facts['terms_days'] ?? ''" inputmode="numeric"
                class="num" :placeholder="__('customers.edit.as_the_house')" />
            <x-field name="discount_percent" :label="__('customers.edit.discount')" :value="$facts['discount_percent'] > 0 ? $facts['discount_percent'] : ''"
                inputmode="decimal" class="num" />
        </div>
        <div class="mt-4 grid grid-cols-1 gap-6 lg:grid-cols-2">
            @foreach (['invoice_address', 'delivery_address'] as $which)
                <fieldset class="border-t border-hair pt-3">
                    <legend class="font-head font-semibold">{{ __('customers.edit.'.$which) }}</legend>
                    @if ($which === 'delivery_address')
                        <p class="mb-2 text-sm text-soft">{{ __('customers.edit.if_other') }}</p>
                    @endif
                    <div class="grid grid-cols-2 gap-3">
                        @foreach (['street', 'more', 'postcode', 'city', 'region'] as $part)
                            <x-field :name="$which . '.' . $part" :label="__('customers.edit.'.$part)" :value="$facts[$which][$part] ?? ''" maxlength="80" autocomplete="off" />
                        @endforeach
                        <div><label for="{{ $which }}-country">{{ __('customers.edit.country') }}</label><select id="{{ $which }}-country" data-codes
                                name="{{ $which }}[country]">
                                <option value="">{{ __('customers.edit.none') }}</option>
                                @foreach ($countries as $code => $name)
                                    <option value="{{ $code }}" @selected(old("{$which}.country", $facts[$which]['country'] ?? '') === $code)>{{ $name }}</option>
                                @endforeach
                            </select><x-wrong :field="$which . '.country'" /></div>
                    </div>
                </fieldset>
            @endforeach
        </div>
        @for ($i = 0; $i < max(App\Orders\Http\Requests\SaveCustomer::CONTACTS, count($facts['contacts'])); $i++)
            <fieldset class="mt-4 border-t border-hair pt-3">
                <legend class="font-head font-semibold">{{ __('customers.edit.contact', ['number' => $i + 1]) }}</legend>
                <div class="grid grid-cols-1 gap-3 sm:grid-cols-4">
                    @foreach (['name' => 'contact_name', 'role' => 'role', 'email' => 'email', 'phone' => 'phone'] as $part => $word)
                        <x-field :name="'contacts.' . $i . '.' . $part" :label="__('customers.edit.'.$word)" :value="$facts['contacts'][$i][$part] ?? ''"
                            maxlength="80" autocomplete="off" />
                    @endforeach
                </div>
            </fieldset>
        @endfor
        <div class="mt-4"><label for="note">{{ __('customers.edit.note') }}</label><textarea id="note" name="note" rows="3" maxlength="1000"
                @error('note') aria-invalid="true" aria-describedby="wrong-note" @enderror>{{ old('note', $facts['note']) }}</textarea><x-wrong field="note" /></div>
        <button type="submit" class="btn btn-main mt-4">{{ __('customers.edit.save') }}</button>
    </form>
</x-layout>
