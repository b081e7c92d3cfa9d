@use('App\Foundation\Words\Words')
@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('people.show.people')">
    <x-slot:say>
        @if ($liesOpen)
            <span class="now">{{ $shop->is_demo
                ? __('people.show.this_is_the_demo_whoever_uses')
                : __('people.show.this_shop_has_no_owner_yet') }}</span>
            {{ __('people.show.set_an_owners_password_everyone_then') }}
        @else
            {{ __('people.show.who_works_here_and_what_each') }}
        @endif
    </x-slot:say>
    <x-shop-tabs here="people" :title="__('people.show.people')" />
    @foreach (['role', 'secret', 'kind', 'skills', 'skills.*'] as $field)
        <x-wrong :field="$field" />
    @endforeach
    <table>
        <thead>
            <tr>
                <th>{{ __('people.show.name') }}</th>
                <th>{{ __('people.show.role') }}</th>
                <th>{{ __('people.show.password_for_desks') }}</th>
                <th>{{ __('people.show.pin_for_tablets') }}</th>
                <th><span class="sr-only">{{ __('people.show.shop_pages') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($people as $person)
                <tr>
                    <td><strong>{{ $person->name }}</strong>
                        @if ($person->retired_at)
                            <span class="block text-sm text-soft">{{ __('people.show.left', [
                                'retired_at' => Dates::dateYear($person->retired_at),
                            ]) }}</span>
                        @endif
                    </td>
                    <td>
                        <form method="post" action="{{ route('people.update', $person) }}"
                            class="flex items-center gap-2">@csrf @method('put')
                            <select name="role" aria-label="{{ __('people.show.role_of', [
                                'name' => $person->name,
                            ]) }}" class="!w-36">
                                @foreach (Hakama\House\Role::cases() as $role)
                                    <option value="{{ $role->value }}" @selected($person->role === $role)>
                                        {{ Words::small($role->label()) }}</option>
                                @endforeach
                            </select><button type="submit" class="btn btn-small">{{ __('people.show.save') }}</button>
                        </form>
                    </td>
                    @foreach (['password' => 'new-password', 'pin' => 'new-password'] as $kind => $complete)
                        <td>
                            <form method="post" action="{{ route('people.secret', $person) }}"
                                class="flex items-center gap-2">@csrf @method('put')
                                <input type="hidden" name="kind" value="{{ $kind }}">
                                <input type="password" name="secret" autocomplete="{{ $complete }}" class="!w-36"
                                    @if ($kind === 'pin') inputmode="numeric" maxlength="8" @endif
                                    placeholder="{{ $person->{$kind} === null ? __('people.show.none') : __('people.show.saved') }}"
                                    aria-label="{{ $kind === 'pin' ? __('people.show.new_pin_for', ['name' => $person->name])
                                        : __('people.show.new_password_for', ['name' => $person->name]) }}"><button type="submit"
                                    class="btn btn-small">{{ __('people.show.set') }}</button>
                            </form>
                        </td>
                    @endforeach
                    <td class="num">
                        <form method="post" action="{{ route('people.retire', $person) }}">@csrf<input
                                type="hidden" name="gone" value="{{ (int) ! $person->retired_at }}"><button
                                    type="submit"
                                class="btn btn-small">{{ $person->retired_at ? __('people.show.bring_back') : __('people.show.leaves_the_shop') }}<span
                                    class="sr-only">: {{ $person->name }}</span></button></form>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <section id="alone" class="mt-6">
        <h2 class="mb-2">{{ __('people.show.who_may_do_what_alone') }}</h2>
        <p class="mb-2 max-w-prose text-sm text-soft">{{ __('people.show.once_somebody_is_ticked') }}</p>
        <table class="max-w-3xl">
            <tbody>
                @foreach ($people->whereNull('retired_at') as $person)
                    <tr>
                        <td class="align-middle"><strong id="alone-{{ $person->id }}">{{ $person->name }}</strong></td>
                        <td>
                            <form method="post" action="{{ route('people.skills', $person) }}" role="group"
                                aria-labelledby="alone-{{ $person->id }}" class="flex flex-wrap items-center gap-x-6 gap-y-2">@csrf @method('put')
                                @foreach (Hakama\Plan\Skill::cases() as $skill)
                                    <label class="flex min-h-11 items-center gap-2"><input type="checkbox" name="skills[]" value="{{ $skill->value }}"
                                        @checked(in_array($skill->value, $person->skills ?? [], true))>{{ Words::say($skill->label()) }}</label>
                                @endforeach
                                <button type="submit" class="btn btn-small">{{ __('people.show.save') }}<span
                                    class="sr-only">: {{ $person->name }}</span></button>
                            </form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <div class="mt-6 grid grid-cols-1 gap-10 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">{{ __('people.show.add_people') }}</h2>
            @include('people.add-form')
        </section>
        <section id="language-of-shop">
            <h2 class="mb-2">{{ __('people.show.language_and_region') }}</h2>
            <form method="post" action="{{ route('people.language') }}" class="flex flex-wrap items-end gap-3">@csrf
                @method('put')
                @include('people.reading-fields', [
                    'language' => $shop->language,
                    'habits' => $shop->habits,
                    'else' => __('people.reading.as_the_region'),
                    'withUnits' => false,
                ])
                <button type="submit" class="btn">{{ __('people.show.save') }}</button>
            </form>
            <p class="mt-1 text-sm text-soft">{{ __('people.show.today_is_written', [
                'example' => Dates::longDayTime(Carbon\CarbonImmutable::now()),
            ]) }}</p>
        </section>
        <section id="tablets">
            <h2 class="mb-2">{{ __('people.show.tablets_at_the_machines') }}</h2>
            @if (session('code'))
                <p class="note mb-3" role="status"><x-said key="people.show.on_the_tablet_open_and_enter" :with="[
                    'value' => session('tablet'),
                ]">
                    <x-slot:strong><strong>{{ route('tablet.pair') }}</strong></x-slot:strong>
                    <x-slot:strong2><strong
                        class="block text-xl tracking-widest">{{ session('code') }}</strong></x-slot:strong2></x-said></p>
            @endif
            @if ($tablets->isNotEmpty())
                <table class="mb-3">
                    <tbody>
                        @foreach ($tablets as $tablet)
                            <tr>
                                <td><strong>{{ $tablet->name }}</strong> {{ $tablet->machine?->code }}</td>
                                <td class="text-sm text-soft">{{ __('people.show.since', [
                                    'paired_at' => Dates::dateYearTime($tablet->paired_at),
                                ]) }}</td>
                                <td class="num">
                                    <form method="post" action="{{ route('people.tablet.revoke', $tablet) }}">@csrf
                                        @method('delete')<button type="submit"
                                            class="btn btn-small">{{ __('people.show.disconnect') }}<span class="sr-only">:
                                                {{ $tablet->name }}</span></button></form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <form method="post" action="{{ route('people.tablet') }}" class="flex flex-wrap items-end gap-3">@csrf
                <x-field name="tablet" :label="__('people.show.name_of_the_tablet')" maxlength="40" required />
                <div><label for="machine">{{ __('people.show.at_machine') }}</label><select id="machine"
                    name="machine" class="!w-40">
                        <option value="">{{ __('people.show.no_fixed_machine') }}</option>
                        @foreach ($machines as $machine)
                            <option value="{{ $machine->code }}" @selected(old('machine') === $machine->code)>
                                {{ $machine->code }} {{ $machine->name }}</option>
                        @endforeach
                    </select></div>
                <button type="submit" class="btn">{{ __('people.show.show_code') }}</button>
            </form>
            @if (config('shop.address') !== '')
                <h2 class="mb-1 mt-6">{{ __('people.show.let_tablets_use_the_camera') }}</h2>
                <div class="flex items-start gap-4">
                    <svg data-qr="{{ config('shop.address') }}/authority.crt"
                        class="h-32 w-32 flex-none border border-hair"
                        role="img" aria-label="{{ __('people.show.certificate_to_download') }}"></svg>
                    <p class="text-sm"><x-said key="people.show.open_on_the_tablet_and_trust" :with="[
                        'value' => config('shop.address'),
                    ]">
                        <x-slot:link><a
                            href="{{ config('shop.address') }}/authority.crt">{{ __('people.show.authority_crt', [
                        'value' => config('shop.address'),
                    ]) }}</a></x-slot:link></x-said></p>
                </div>
                <script src="{{ App\Foundation\Http\BuiltAsset::address('qr.js') }}" defer></script>
            @endif
            <h2 class="mb-1 mt-6">{{ __('people.show.calendar_links') }}</h2>
            <p class="mb-2 text-sm text-soft">{{ __('people.show.anyone_with_the_link_can_read') }}</p>
            <form method="post" action="{{ route('people.calendars') }}">@csrf<button type="submit"
                class="btn btn-small">{{ __('people.show.make_new_links') }}</button></form>
        </section>
    </div>
</x-layout>
