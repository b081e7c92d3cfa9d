@php
    /** The frame as it lies on the machine, the design in it: towards the person is down. */
    $f = $fit->frame;
    [$ow, $oh, $ww, $wh] = [$f->outerWidthMm, $f->outerHeightMm, $f->window->widthMm, $f->window->heightMm];
    $pad = 14;
    $half = $ow / 2 + $pad;
    $b = $sheet->bounds();
    // In several hoopings the tightest of them is drawn.
    $part = $fit->part ?? $b;
    $c = $part->centre();
    [$dx, $dy] = [$fit->centre->x, -$fit->centre->y];
    $box = $fit->placed->bounds();
    $n = App\Setup\SetupDrawing::n(...);
    $small = max(5, $ow / 27);
    $off = $f->isOffCentre();
    [$mx, $my] = [-$f->offsetX, $f->offsetY];
@endphp
<svg viewBox="{{ -$half }} {{ -$oh / 2 - $pad }} {{ 2 * $half }} {{ $oh + 2 * $pad }}"
    class="weave max-h-[300px] w-full border border-hair" role="img" id="in-frame"
    aria-label="{{ __('setup.draw_frame.frame_to_scale_with_the_design', [
        'id' => $f->id,
        'value' => $fit->turn->value,
    ]) }}"
    data-turn="{{ $fit->turn->value }}">
    @if ($f->window->round)
        <ellipse rx="{{ $ow / 2 }}" ry="{{ $oh / 2 }}" fill="#cfc6b4" stroke="#1d2433" stroke-width=".6" />
        <ellipse rx="{{ $ww / 2 }}" ry="{{ $wh / 2 }}" fill="#fffdf8" stroke="#1d2433" stroke-width=".5" />
        <ellipse rx="{{ $ww / 2 - $fit->marginMm }}" ry="{{ $wh / 2 - $fit->marginMm }}" fill="none"
            stroke="#8a5a0c" stroke-width=".5" stroke-dasharray="3 2" />
    @else
        <rect x="{{ -$ow / 2 }}" y="{{ -$oh / 2 }}" width="{{ $ow }}"
            height="{{ $oh }}" rx="{{ $f->window->cornerMm + 10 }}" fill="#cfc6b4" stroke="#1d2433"
            stroke-width=".6" />
        <rect x="{{ -$ww / 2 }}" y="{{ -$wh / 2 }}" width="{{ $ww }}"
            height="{{ $wh }}" rx="{{ $f->window->cornerMm }}" fill="#fffdf8" stroke="#1d2433"
            stroke-width=".5" />
        <rect x="{{ -$ww / 2 + $fit->marginMm }}" y="{{ -$wh / 2 + $fit->marginMm }}"
            width="{{ max(0, $ww - 2 * $fit->marginMm) }}" height="{{ max(0, $wh - 2 * $fit->marginMm) }}"
            rx="{{ max(0, $f->window->cornerMm - $fit->marginMm) }}" fill="none" stroke="#8a5a0c" stroke-width=".5"
            stroke-dasharray="3 2" />
    @endif
    <g id="placed"
        transform="translate({{ $n($dx) }} {{ $n($dy) }}) rotate({{ -$fit->turn->value }}) translate({{
            $n(-$c->x) }} {{ $n($c->y) }})">
        <clipPath id="this-hooping">
            <rect x="{{ $n($part->left - 2) }}" y="{{ $n(-$part->top - 2) }}" width="{{ $n($part->width() + 4) }}"
                height="{{ $n($part->height() + 4) }}" />
        </clipPath>
        <image href="{{ $picture }}" x="{{ $b->left - 2 }}" y="{{ -$b->top - 2 }}"
            width="{{ $b->width() + 4 }}" height="{{ $b->height() + 4 }}" clip-path="url(#this-hooping)" />
    </g>
    <g stroke="#1d2433" stroke-width=".4">
        <path d="M{{ $dx - 4 }} {{ $dy }}h8M{{ $dx }} {{ $dy - 4 }}v8" />
        <path
            d="M{{ -$ww / 2 }} {{ $dy }}H{{ $dx - $box->width() / 2 }}M{{ $dx + $box->width() / 2 }} {{ $dy }}H{{
                $ww / 2 }}M{{ $dx }} {{ -$wh / 2 }}V{{ $dy - $box->height() / 2 }}M{{ $dx }} {{ $dy +
                    $box->height() / 2 }}V{{ $wh / 2 }}"
            stroke="#c8481f" stroke-width=".5" />
    </g>
    <circle cx="{{ $n($fit->tightest->x) }}" cy="{{ $n(-$fit->tightest->y) }}" r="{{ $small / 3 }}" fill="none"
        stroke="#c8481f" stroke-width=".7" />
    <g font-size="{{ $small }}" text-anchor="middle" paint-order="stroke" stroke="#fffdf8"
        stroke-width="{{ $small / 5 }}" font-weight="600">
        <text x="{{ (-$ww / 2 + $dx - $box->width() / 2) / 2 }}"
            y="{{ $dy - 1.2 }}">{{ $mm($fit->slack->leftMm) }}</text>
        <text x="{{ ($ww / 2 + $dx + $box->width() / 2) / 2 }}"
            y="{{ $dy - 1.2 }}">{{ $mm($fit->slack->rightMm) }}</text>
        <text x="{{ $dx }}"
            y="{{ (-$wh / 2 + $dy - $box->height() / 2) / 2 + $small / 3 }}">{{ $mm($fit->slack->topMm) }}</text>
        <text x="{{ $dx }}"
            y="{{ ($wh / 2 + $dy + $box->height() / 2) / 2 + $small / 3 }}">{{ $mm($fit->slack->bottomMm) }}</text>
        @if ($off || $f->kind->hasCentreToFind())
            @foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as $i => [$sx, $sy])
                <text x="{{ $n($sx * ($ww / 2 - 1.2 * $small)) }}" y="{{ $n($sy * ($wh / 2 - $small) + $small / 3) }}"
                    class="corner">{{ $mm($fit->cornersMm()[$i]) }}</text>
            @endforeach
        @endif
    </g>
    @if ($off)
        <g id="machine-centre" data-x="{{ $n($mx) }}" data-y="{{ $n(-$my) }}">
            <path d="M{{ $n($mx - 6) }} {{ $n($my) }}h12M{{ $n($mx) }} {{ $n($my - 6) }}v12"
                stroke="#1d2433" stroke-width=".5" stroke-dasharray="1.2 1" />
            <circle cx="{{ $n($mx) }}" cy="{{ $n($my) }}" r="3.4" fill="none" stroke="#1d2433"
                stroke-width=".5" stroke-dasharray="1.2 1" />
            <text x="{{ $n($mx + 5) }}" y="{{ $n($my - 2) }}" font-size="{{ $small }}"
                paint-order="stroke" stroke="#fffdf8" stroke-width="{{ $small / 4 }}">{{ __('setup.draw_frame.where_the_machine_assumes_the_centre') }}</text>
        </g>
    @endif
    <text x="{{ -$half + 4 }}" y="{{ $oh / 2 + $pad - 4 }}" font-size="{{ $small }}">{{ __('setup.draw_frame.x_mm_towards_you_is_down', [
        'id' => $f->id,
        'ww' => $ww,
        'wh' => $wh,
    ]) }}</text>
</svg>
