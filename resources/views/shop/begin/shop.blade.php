@use('App\Foundation\Words\Languages')
@if ($isEmpty)
    <form method="post" action="{{ route('begin.demo') }}" class="note mb-5 flex flex-wrap items-center gap-3">@csrf
        <span class="flex-1">{{ __('shop.begin_shop.just_looking_the_demo_shows_a') }}</span><button type="submit" class="btn btn-small">{{ __('shop.begin_shop.load_the_demo_instead') }}</button></form>
@endif
<form method="post" action="{{ route('begin.shop') }}" class="grid max-w-[40em] gap-4">@csrf @method('put')
    <x-field name="name" :label="__('shop.begin_shop.shop_name')" :value="$shop->name" maxlength="80" required />
    <div><label for="spoken">{{ __('shop.begin_shop.language') }}</label><select id="spoken" name="language">
            @php $spoken = old('language', $shop->name === '' ? Languages::now() : $shop->language); @endphp
            @foreach (Languages::all() as $code => $name)
                <option value="{{ $code }}" lang="{{ $code }}" @selected($spoken === $code)>{{ $name }}</option>
            @endforeach
        </select><x-wrong field="language" /></div>
    <div class="grid grid-cols-2 gap-4">
        <div><label for="zone">{{ __('shop.begin_shop.time_zone') }}</label><select id="zone" name="zone" @if ($shop->name === '') data-own-zone
            @endif
                @error('zone') aria-invalid="true" aria-describedby="wrong-zone" @enderror>
                @foreach (timezone_identifiers_list() as $zone)
                    <option @selected(old('zone', $shop->zone) === $zone)>{{ $zone }}</option>
                @endforeach
            </select><x-wrong field="zone" /></div>
        <div class="grid grid-cols-2 gap-4">
            <x-field name="currency" :label="__('shop.begin_shop.currency_three_letters')" :value="$shop->currency" maxlength="3" />
            <div><label for="units">{{ __('shop.begin_shop.units') }}</label><select id="units" name="units">
                    @php $unitNow = old('units', $units->value); @endphp
                    @foreach (['mm' => 'millimetres', 'inch' => 'inches'] as $unit => $words)
                        <option value="{{ $unit }}" @selected($unitNow === $unit)>{{ $words }}</option>
                    @endforeach
                </select><x-wrong field="units" /></div>
        </div>
    </div>
    <x-field name="owner" :label="__('shop.begin_shop.owner')" :value="$owner" maxlength="40" autocomplete="username" required />
    <div class="grid grid-cols-2 gap-4">
        <x-field name="password" :label="__('shop.begin_shop.password_at_least_characters', [
            'value' => App\People\Password::LEAST,
        ])"
            type="password" autocomplete="new-password"
            required />
        <x-field name="again" :label="__('shop.begin_shop.repeat_password')" type="password" autocomplete="new-password" required />
    </div>
    <p class="text-sm text-soft">{{ __('shop.begin_shop.from_then_on_everyone_signs_in') }}</p>
    <div><button type="submit" class="btn btn-main"
        data-key="v">{{ __('shop.begin_shop.save') }} <kbd>v</kbd></button></div>
</form>
