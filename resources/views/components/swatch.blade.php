@props(['hex' => null])
<span @class(['swatch', 'none' => $hex === null])
    @if ($hex) style="background-color: {{ $hex }}" @endif aria-hidden="true"></span>
