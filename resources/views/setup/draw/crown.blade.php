{{-- The crown of a cap as one sees it, six panels that meet at the button: wants $r, $top, $seam (to the next panel, as
     seen), $hex and $from (front, back or side); y is up from the seam of the bill. --}}
@php
    $n = App\Setup\SetupDrawing::n(...);
    $over = static fn(float $x) => sprintf(
        'M%1$s 0C%1$s %2$s %3$s %4$s 0 %5$s',
        $n($x),
        $n(-$top * 0.56),
        $n($x * 0.62),
        $n(-$top * 0.94),
        $n(-$top),
    );
    $eyelets = [-0.5, 0.5];
@endphp
@if ($from === 'front')
    <path class="bill"
        d="M{{ $n(-$r * 0.94) }} 0C{{ $n(-$r * 1.04) }} 22 {{ $n(-$r * 0.62) }} 46 0 48C{{ $n($r * 0.62) }} 46 {{ $n($r * 1.04)
            }} 22 {{ $n($r * 0.94) }} 0C{{ $n($r * 0.5) }} 15 {{ $n(-$r * 0.5) }} 15 {{ $n(-$r * 0.94) }} 0Z"
        fill="{{ $hex }}" fill-opacity=".42" stroke="#1d2433" stroke-width=".8" />
    @foreach ([0.3, 0.55, 0.8] as $row)
        <path d="M{{ $n(-$r * (0.93 - $row * 0.12)) }} {{ $n(6 + $row * 13) }}Q0 {{ $n(20 + $row * 44) }} {{ $n($r * (0.93 - $row * 0.12)) }} {{
            $n(6 + $row * 13) }}" fill="none" stroke="#1d2433" stroke-width=".35" stroke-dasharray="2 1.6" />
    @endforeach
@elseif ($from === 'side')
    <path class="bill"
        d="M{{ $n(-$r * 0.99) }} -2C{{ $n(-$r - 26) }} -1 {{ $n(-$r - 56) }} 9 {{ $n(-$r - 66) }} 21C{{ $n(-$r - 44) }} 20 {{
            $n(-$r - 12) }} 13 {{ $n(-$r * 0.62) }} 0Z"
        fill="{{ $hex }}" fill-opacity=".42" stroke="#1d2433" stroke-width=".8" />
@endif
<path class="cloth-edge"
    d="M{{ $n(-$r) }} 0C{{ $n(-$r) }} {{ $n(-$top * 0.62) }} {{ $n(-$r * 0.66) }} {{ $n(-$top) }} 0 {{ $n(-$top) }}C{{
        $n($r * 0.66) }} {{ $n(-$top) }} {{ $n($r) }} {{ $n(-$top * 0.62) }} {{ $n($r) }} 0Q0 {{ $from === 'back' ? 0 : 5 }} {{ $n(-$r) }} 0Z"
    fill="{{ $hex }}" fill-opacity=".24" stroke="#1d2433" stroke-width=".8" />
@foreach ([-1, 1] as $side)
    <path class="seam" d="{{ $over($side * $seam) }}" fill="none" stroke="#6b6555" stroke-width=".6" />
    <path d="{{ $over($side * ($seam - 2.4)) }}M0 0" fill="none" stroke="#6b6555" stroke-width=".35" stroke-dasharray="2 1.6" />
@endforeach
<path d="M0 {{ $from === 'back' ? $n(-$openingHigh) : 2 }}V{{ $n(-$top) }}" stroke="#6b6555" stroke-width=".6" stroke-dasharray="4 3" />
@foreach ($eyelets as $x)
    <circle class="eyelet" cx="{{ $n($seam * $x) }}" cy="{{ $n(-$top + 29) }}" r="2.4" fill="#fffdf8" stroke="#1d2433" stroke-width=".7" />
@endforeach
<ellipse class="button" cx="0" cy="{{ $n(-$top - 1) }}" rx="6" ry="2.6" fill="{{ $hex }}" stroke="#1d2433" stroke-width=".7" />
@if ($from === 'back')
    <path class="opening"
        d="M{{ $n(-$opening / 2) }} 0C{{ $n(-$opening / 2) }} {{ $n(-$openingHigh * 1.25) }} {{ $n($opening / 2) }} {{
            $n(-$openingHigh * 1.25) }} {{ $n($opening / 2) }} 0Z" fill="#fffdf8" stroke="#1d2433" stroke-width=".8" />
    <path class="strap" d="M{{ $n(-$opening / 2 - 8) }} -5H{{ $n($opening / 2 + 8) }}" stroke="#1d2433" stroke-width="9"
        stroke-opacity=".45" />
@endif
