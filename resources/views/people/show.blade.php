<x-layout station="shop" title="People">
    <x-slot:say>
        @if ($liesOpen)
            <span class="now">{{ $shop->is_demo
                ? 'This is the demo: whoever sits at this computer is its owner.'
                : 'Nobody owns this shop yet: whoever sits at this computer does.' }}</span>
            Give an owner a password, and everybody has to say who they are.
        @else
            Who is of the shop, and what each may do. Every confirmation, change and override carries the name.
        @endif
    </x-slot:say>
    <x-shop-tabs here="people" title="People" />
    @foreach (['role', 'secret', 'kind'] as $field)
        <x-wrong :field="$field" />
    @endforeach
    <table>
        <thead>
            <tr>
                <th>Name</th>
                <th>May</th>
                <th>Password, for desks</th>
                <th>PIN, for tablets</th>
                <th><span class="sr-only">Of the shop</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($people as $person)
                <tr>
                    <td><strong>{{ $person->name }}</strong>
                        @if ($person->retired_at)
                            <span class="block text-sm text-soft">gone since
                                {{ $person->retired_at->format('j M Y') }}</span>
                        @endif
                    </td>
                    <td>
                        <form method="post" action="{{ route('people.update', $person) }}"
                            class="flex items-center gap-2">@csrf @method('put')
                            <select name="role" aria-label="What {{ $person->name }} may do" class="!w-36">
                                @foreach (Hakama\House\Role::cases() as $role)
                                    <option value="{{ $role->value }}" @selected($person->role === $role)>
                                        {{ $role->value }}</option>
                                @endforeach
                            </select><button class="btn btn-small">Keep</button>
                        </form>
                    </td>
                    @foreach (['password' => 'new-password', 'pin' => 'off'] as $kind => $complete)
                        <td>
                            <form method="post" action="{{ route('people.secret', $person) }}"
                                class="flex items-center gap-2">@csrf @method('put')
                                <input type="hidden" name="kind" value="{{ $kind }}">
                                <input type="password" name="secret" autocomplete="{{ $complete }}" class="!w-36"
                                    @if ($kind === 'pin') inputmode="numeric" maxlength="8" @endif
                                    placeholder="{{ $person->{$kind} === null ? 'none' : 'kept' }}"
                                    aria-label="New {{ $kind === 'pin' ? 'PIN' : $kind }} of {{ $person->name }}"><button
                                    class="btn btn-small">Set</button>
                            </form>
                        </td>
                    @endforeach
                    <td class="num">
                        <form method="post" action="{{ route('people.retire', $person) }}">@csrf<input
                                type="hidden" name="gone" value="{{ (int) ! $person->retired_at }}"><button
                                class="btn btn-small">{{ $person->retired_at ? 'Is back' : 'Leaves' }}<span
                                    class="sr-only">: {{ $person->name }}</span></button></form>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="mt-6 grid grid-cols-1 gap-10 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">Somebody new</h2>
            @include('people.add-form')
        </section>
        <section id="tablets">
            <h2 class="mb-2">Tablets at the machines</h2>
            @if (session('code'))
                <p class="note mb-3" role="status">On the tablet open <strong>{{ route('tablet.pair') }}</strong> and
                    type <strong class="block text-xl tracking-widest">{{ session('code') }}</strong>
                    It is good for a quarter of an hour, for {{ session('tablet') }}, once.</p>
            @endif
            @if ($tablets->isNotEmpty())
                <table class="mb-3">
                    <tbody>
                        @foreach ($tablets as $tablet)
                            <tr>
                                <td><strong>{{ $tablet->name }}</strong> {{ $tablet->machine?->code }}</td>
                                <td class="text-sm text-soft">since {{ $tablet->paired_at->format('j M Y, H:i') }}</td>
                                <td class="num">
                                    <form method="post" action="{{ route('people.tablet.revoke', $tablet) }}">@csrf
                                        @method('delete')<button class="btn btn-small">Let go<span class="sr-only">:
                                                {{ $tablet->name }}</span></button></form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <form method="post" action="{{ route('people.tablet') }}" class="flex flex-wrap items-end gap-3">@csrf
                <x-field name="tablet" label="Name of the tablet" maxlength="40" required />
                <div><label for="machine">Stands at</label><select id="machine" name="machine" class="!w-40">
                        <option value="">no machine of its own</option>
                        @foreach ($machines as $machine)
                            <option value="{{ $machine->code }}" @selected(old('machine') === $machine->code)>
                                {{ $machine->code }} {{ $machine->name }}</option>
                        @endforeach
                    </select></div>
                <button class="btn">Show its code</button>
            </form>
            @if (config('shop.address') !== '')
                <h2 class="mb-1 mt-6">What a tablet trusts first</h2>
                <div class="flex items-start gap-4">
                    <svg data-qr="{{ config('shop.address') }}/authority.crt" class="h-32 w-32 flex-none border border-hair"
                        role="img" aria-label="The address of the shop’s own authority, for a camera"></svg>
                    <p class="text-sm">Open
                        <a href="{{ config('shop.address') }}/authority.crt">{{ config('shop.address') }}/authority.crt</a>
                        on the tablet and let its settings trust it; then {{ config('shop.address') }}/tablet opens
                        without a warning. How, step by step: docs/running.md.</p>
                </div>
                <script src="{{ App\Foundation\Http\BuiltAsset::address('qr.js') }}" defer></script>
            @endif
            <h2 class="mb-1 mt-6">Calendar addresses</h2>
            <p class="mb-2 text-sm text-soft">A calendar program is let in by its address alone. When one got into the
                wrong hands, make new ones.</p>
            <form method="post" action="{{ route('people.calendars') }}">@csrf<button class="btn btn-small">Make new
                    addresses</button></form>
        </section>
    </div>
</x-layout>
