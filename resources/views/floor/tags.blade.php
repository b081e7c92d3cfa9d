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
        <div id="scan" data-found="{{ route('floor.tags') }}">
            <button type="button" class="btn w-full" data-scan="camera" data-key="c">Scan with the camera
                <kbd>c</kbd></button>
            <video class="mt-3 w-full border border-hair" muted playsinline hidden></video>
            <div class="mt-3"><label for="scan-file">or from a picture</label><input id="scan-file" type="file"
                    accept="image/*" capture="environment"></div>
            <p class="mt-2" role="status" data-scan="said"></p>
        </div>
    </div>
    <script src="{{ App\Http\Built::address('scan.js') }}" defer></script>
</x-layout>
