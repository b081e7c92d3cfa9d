@props(['found' => null])
{{-- Reads labels with the camera or from a picture; goes to what was found, or counts it where no address is given. --}}
<div id="scan" {{ $attributes }}
    @if ($found === null) data-counts @else data-found="{{ $found }}" @endif>
    <button type="button" class="btn w-full" data-scan="camera" data-key="c">{{ __('common.scanner.scan_with_the_camera') }}
        <kbd>c</kbd></button>
    <video class="mt-3 w-full border border-hair" muted playsinline hidden></video>
    <div class="mt-3"><label for="scan-file">{{ __('common.scanner.or_from_a_picture') }}</label><input id="scan-file" type="file"
            accept="image/*" capture="environment"></div>
    <p class="mt-2" role="status" data-scan="said"></p>
</div>
<script src="{{ App\Foundation\Http\BuiltAsset::address('scan.js') }}" defer></script>
