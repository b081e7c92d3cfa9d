<x-bare :title="$shop->name === '' ? __('people.sign_in.sign_in') : __('people.sign_in.n', ['name' => $shop->name])">
    <form method="post" action="{{ route('sign-in.try') }}" class="grid gap-4">@csrf
        <x-field name="name" :label="__('people.sign_in.name')" autocomplete="username" required autofocus maxlength="40" />
        <x-field name="password" :label="__('people.sign_in.password')" type="password" autocomplete="current-password" required />
        <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox" name="stay" value="1">
            {{ __('people.sign_in.stay_signed_in_on_this_computer') }}</label>
        <div class="flex items-center gap-4"><button type="submit"
            class="btn btn-main">{{ __('people.sign_in.sign_in') }}</button>
            @if ($isOpen)
                <a href="/">{{ __('people.sign_in.continue_without_signing_in') }}</a>
            @endif
        </div>
    </form>
    <p class="mt-6 text-sm text-soft"><x-said key="people.sign_in.for_a_tablet_at_a_machine">
        <x-slot:link><a href="{{ route('tablet.pair') }}">{{ __('people.sign_in.a_code') }}</a></x-slot:link>
        <x-slot:code><code>{{ __('people.sign_in.php_artisan_shop_password_name') }}</code></x-slot:code></x-said></p>
</x-bare>
