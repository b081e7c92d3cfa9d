<x-bare title="Let this tablet in">
    <form method="post" action="{{ route('tablet.take') }}" class="grid gap-4">@csrf
        <x-field name="code" label="The code that Shop, People shows" autocomplete="off" autocapitalize="characters"
            required autofocus maxlength="12" placeholder="K7PM-3XQA" />
        <div><button class="btn btn-main">Let it in</button></div>
    </form>
    <p class="mt-6 text-sm text-soft">It stays let in as itself, and asks who stands at it. At a desk, <a
            href="{{ route('sign-in') }}">sign in</a> instead.</p>
</x-bare>
