@php
    // To scale, in mm, y downwards: the frame as it lies on the machine, seen by the operator.
    $f = $fit->frame;
    $pad = 10;
    [$ow, $oh, $ww, $wh] = [$f->outerWidthMm, $f->outerHeightMm, $f->window->widthMm, $f->window->heightMm];
    $half = max($ow, $oh * 1.4) / 2 + $pad;
    $b = $artwork->bounds();
    $box = $artwork->coreHull()->turned($fit->turn)->bounds();
    $c = $artwork->bounds()->centre();
    [$dx, $dy] = [$fit->centre->x, -$fit->centre->y];
    $small = $half / 26;
@endphp
<svg viewBox="{{ -$half }} {{ -($oh / 2 + $pad) }} {{ 2 * $half }} {{ $oh + 2 * $pad }}" class="weave h-[400px] w-full border border-hair" role="img" aria-label="Frame {{ $f->id }} to scale with the design in it, turned {{ $fit->turn->value }} degrees" data-turn="{{ $fit->turn->value }}">
    @if ($f->window->round)
        <ellipse rx="{{ $ow / 2 }}" ry="{{ $oh / 2 }}" fill="#cfc6b4" stroke="#1d2433" stroke-width=".6"/>
        <ellipse rx="{{ $ww / 2 }}" ry="{{ $wh / 2 }}" fill="#fffdf8" stroke="#1d2433" stroke-width=".5"/>
        <ellipse rx="{{ $ww / 2 - $fit->marginMm }}" ry="{{ $wh / 2 - $fit->marginMm }}" fill="none" stroke="#8a5a0c" stroke-width=".5" stroke-dasharray="3 2"/>
    @else
        <rect x="{{ -$ow / 2 }}" y="{{ -$oh / 2 }}" width="{{ $ow }}" height="{{ $oh }}" rx="{{ $f->window->cornerMm + 10 }}" fill="#cfc6b4" stroke="#1d2433" stroke-width=".6"/>
        <rect x="{{ -$ww / 2 }}" y="{{ -$wh / 2 }}" width="{{ $ww }}" height="{{ $wh }}" rx="{{ $f->window->cornerMm }}" fill="#fffdf8" stroke="#1d2433" stroke-width=".5"/>
        <rect x="{{ -$ww / 2 + $fit->marginMm }}" y="{{ -$wh / 2 + $fit->marginMm }}" width="{{ max(0, $ww - 2 * $fit->marginMm) }}" height="{{ max(0, $wh - 2 * $fit->marginMm) }}" rx="{{ max(0, $f->window->cornerMm - $fit->marginMm) }}" fill="none" stroke="#8a5a0c" stroke-width=".5" stroke-dasharray="3 2"/>
    @endif
    <g id="placed" transform="translate({{ round($dx, 2) }} {{ round($dy, 2) }}) rotate({{ -$fit->turn->value }}) translate({{ round(-$c->x, 2) }} {{ round($c->y, 2) }})">
        <image href="{{ route('artwork.drawing', [$artwork, 'v' => substr(md5($artwork->checksum.$colours), 0, 8)]) }}" x="{{ $b->left - 2 }}" y="{{ -$b->top - 2 }}" width="{{ $b->width() + 4 }}" height="{{ $b->height() + 4 }}"/>
    </g>
    <g stroke="#1d2433" stroke-width=".4">
        <path d="M{{ $dx - 4 }} {{ $dy }}h8M{{ $dx }} {{ $dy - 4 }}v8"/>
        <path d="M{{ -$ww / 2 }} {{ $dy }}H{{ $dx - $box->width() / 2 }}M{{ $dx + $box->width() / 2 }} {{ $dy }}H{{ $ww / 2 }}M{{ $dx }} {{ -$wh / 2 }}V{{ $dy - $box->height() / 2 }}M{{ $dx }} {{ $dy + $box->height() / 2 }}V{{ $wh / 2 }}" stroke="#c8481f" stroke-width=".5"/>
    </g>
    <circle cx="{{ round($fit->tightest->x, 2) }}" cy="{{ round(-$fit->tightest->y, 2) }}" r="{{ $small / 3 }}" fill="none" stroke="#c8481f" stroke-width=".7"/>
    <g font-size="{{ $small }}" text-anchor="middle" paint-order="stroke" stroke="#fffdf8" stroke-width="{{ $small / 5 }}" font-weight="600">
        <text x="{{ (-$ww / 2 + $dx - $box->width() / 2) / 2 }}" y="{{ $dy - 1.2 }}">{{ $mm($fit->leftMm) }}</text>
        <text x="{{ ($ww / 2 + $dx + $box->width() / 2) / 2 }}" y="{{ $dy - 1.2 }}">{{ $mm($fit->rightMm) }}</text>
        <text x="{{ $dx }}" y="{{ (-$wh / 2 + $dy - $box->height() / 2) / 2 + $small / 3 }}">{{ $mm($fit->topMm) }}</text>
        <text x="{{ $dx }}" y="{{ ($wh / 2 + $dy + $box->height() / 2) / 2 + $small / 3 }}">{{ $mm($fit->bottomMm) }}</text>
    </g>
    <text x="{{ -$half + 4 }}" y="{{ $oh / 2 + $pad - 4 }}" font-size="{{ $small }}">{{ $f->id }}, {{ $ww }} × {{ $wh }} mm · towards you is down</text>
</svg>
