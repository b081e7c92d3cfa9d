<x-layout station="floor" title="A label" :floor="true">
    <x-slot:say>Scan the label of a piece or a bundle, or type what stands on it.</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>A label</h1>
        <a class="ml-auto" href="{{ route('floor.show') }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    @if ($typed !== '')
        <p class="note note-now mb-4" role="alert">{{ $typed }} is no label: it begins with P or K, and its last digit has to
            fit the others. Look at it once more.</p>
    @endif
    <div class="grid grid-cols-1 gap-8 md:grid-cols-2">
        <form method="get" action="{{ route('floor.tags') }}" class="grid gap-3">
            <div><label for="code">What stands on it</label><input id="code" name="code" value="{{ $typed }}"
                    maxlength="200" autocomplete="off" autofocus placeholder="P-1234-4"></div>
            <button class="btn btn-main" data-key="w">Show it <kbd>w</kbd></button>
        </form>
        <x-scanner :found="route('floor.tags')" />
    </div>
</x-layout>
