<x-layout station="shop" :title="__('common.shop_tabs.letterhead')">
    <x-slot:say>
        @if ($missing === [])
            {{ __('shop.letterhead.invoices_have_all_they_need') }}
        @else
            <span class="now">{{ __('shop.letterhead.invoices_still_lack', [
                'fields' => implode(', ', array_map(static fn(string $field): string => __('shop.letterhead.'.$field), $missing)),
            ]) }}</span>
        @endif
    </x-slot:say>
    <x-shop-tabs here="letterhead" :title="__('common.shop_tabs.letterhead')" />
    <form method="post" action="{{ route('letterhead.keep') }}" class="max-w-4xl" novalidate>@csrf @method('put')
        <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
        <x-wrong field="seen" />
        @foreach ([
            'who' => ['name', 'email', 'phone'],
            'where' => ['street', 'more', 'postcode', 'city', 'region', 'country'],
            'tax' => ['tax_number', 'registration', 'no_tax_reason'],
            'pay' => ['bank', 'iban', 'bic'],
        ] as $part => $fields)
            <fieldset class="mb-4 border-t border-hair pt-3">
                <legend class="font-head font-semibold">{{ __('shop.letterhead.'.$part) }}</legend>
                <div class="grid grid-cols-1 gap-3 sm:grid-cols-3">
                    @foreach ($fields as $field)
                        @if ($field === 'country')
                            <div><label for="country">{{ __('shop.letterhead.country') }}</label><select id="country" name="country" data-codes>
                                    <option value="">{{ __('customers.edit.none') }}</option>
                                    @foreach ($countries as $code => $name)
                                        <option value="{{ $code }}" @selected(old('country', $said['country']) === $code)>{{ $name }}</option>
                                    @endforeach
                                </select><x-wrong field="country" /></div>
                        @else
                            <x-field :name="$field" :label="__('shop.letterhead.'.$field)" maxlength="200" autocomplete="off"
                                :value="$field === 'iban' ? Hakama\Money\Iban::spaced($said['iban']) : $said[$field]" />
                        @endif
                    @endforeach
                </div>
            </fieldset>
        @endforeach
        <p class="mb-3 text-sm text-soft">{{ __('shop.letterhead.local_law_says') }}</p>
        <button type="submit" class="btn btn-main">{{ __('shop.letterhead.save') }}</button>
    </form>
</x-layout>
