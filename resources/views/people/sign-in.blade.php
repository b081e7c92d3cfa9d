<x-bare :title="$shop->name === '' ? 'Who are you?' : 'Into ' . $shop->name">
    <form method="post" action="{{ route('sign-in.try') }}" class="grid gap-4">@csrf
        <x-field name="name" label="Name" autocomplete="username" required autofocus maxlength="40" />
        <x-field name="password" label="Password" type="password" autocomplete="current-password" required />
        <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox" name="stay" value="1">
            stay signed in on this desk</label>
        <div class="flex items-center gap-4"><button class="btn btn-main">Sign in</button>
            @if ($isOpen)
                <a href="/">go on without</a>
            @endif
        </div>
    </form>
    <p class="mt-6 text-sm text-soft">A tablet at a machine is let in <a href="{{ route('tablet.pair') }}">by a
            code</a>. Who has forgotten the password gets a new one from the owner; the owner, at the computer the shop
        runs on, with <code>php artisan shop:password NAME</code>.</p>
</x-bare>
