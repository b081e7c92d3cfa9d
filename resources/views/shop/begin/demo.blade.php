<x-layout station="shop" title="Begin your own shop">
    <x-slot:say>This is the demo. Look at it as long as you like; when you begin your own shop it goes, and a backup
        of it
        is kept.</x-slot:say>
    <h1 class="mb-4">Your own shop, in the place of the demo</h1>
    <form method="post" action="{{ route('begin.clear') }}" class="grid max-w-[44em] gap-4">@csrf
        <p>Orders, artworks, people, the plan and the books of the demo are cleared away. What would you like to go on
            with?</p>
        <fieldset class="grid gap-1">
            <legend class="sr-only">Keep</legend>
            @foreach (App\Shop\Http\Requests\ClearDemo::KEEPS as $what => $words)
                <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox" name="keep[]"
                        value="{{ $what }}" @checked(in_array($what, old('keep', ['garments', 'frames']), true))>
                    {{ $words }}</label>
            @endforeach
        </fieldset>
        <x-wrong field="keep" />
        <x-field name="word" label="Type “my own”" autocomplete="off" box="max-w-xs" />
        <div class="flex gap-4"><button class="btn btn-main">Clear the demo, begin</button><a class="btn"
                href="{{ route('orders.index') }}">Stay with the demo</a></div>
    </form>
</x-layout>
