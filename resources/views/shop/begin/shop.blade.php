@if ($isEmpty)
    <form method="post" action="{{ route('begin.demo') }}" class="note mb-5 flex flex-wrap items-center gap-3">@csrf
        <span class="flex-1">Only looking? The demo shows a shop in the middle of a week; your own can be begun from
            it at any time.</span><button class="btn btn-small">Load the demo instead</button></form>
@endif
<form method="post" action="{{ route('begin.shop') }}" class="grid max-w-[40em] gap-4">@csrf @method('put')
    <x-field name="name" label="What the shop is called" :value="$shop->name" maxlength="80" required />
    <div class="grid grid-cols-2 gap-4">
        <div><label for="zone">Its clock</label><select id="zone" name="zone" @if ($shop->name === '') data-own-zone
            @endif
                @error('zone') aria-invalid="true" aria-describedby="wrong-zone" @enderror>
                @foreach (timezone_identifiers_list() as $zone)
                    <option @selected(old('zone', $shop->zone) === $zone)>{{ $zone }}</option>
                @endforeach
            </select><x-wrong field="zone" /></div>
        <div class="grid grid-cols-2 gap-4">
            <x-field name="currency" label="Its money, three letters" :value="$shop->currency" maxlength="3" />
            <div><label for="units">Lengths in</label><select id="units" name="units">
                    @php $unitNow = old('units', $units->value); @endphp
                    @foreach (['mm' => 'millimetres', 'inch' => 'inches'] as $unit => $words)
                        <option value="{{ $unit }}" @selected($unitNow === $unit)>{{ $words }}</option>
                    @endforeach
                </select><x-wrong field="units" /></div>
        </div>
    </div>
    <x-field name="owner" label="Who owns it" :value="$owner" maxlength="40" autocomplete="username" required />
    <div class="grid grid-cols-2 gap-4">
        <x-field name="password" :label="'A password, at least ' . App\People\Password::LEAST . ' letters'"
            type="password" autocomplete="new-password"
            required />
        <x-field name="again" label="The same again" type="password" autocomplete="new-password" required />
    </div>
    <p class="text-sm text-soft">From then on everybody says who they are: desks with a password, tablets with a code
        and
        a PIN. The password is kept only as its hash.</p>
    <div><button class="btn btn-main" data-key="v">Keep it <kbd>v</kbd></button></div>
</form>
