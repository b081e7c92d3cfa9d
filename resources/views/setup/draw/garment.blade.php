@php
    /** The garment of one size with the design at its place; turned as it lies on the machine when $turned is asked for. */
    $m = $sheet->row->advice->marked;
    $shape = $m->shape;
    $n = App\Setup\SetupDrawing::n(...);
    $b = $sheet->bounds();
    $turn = $turned ? $fit->turn : Hakama\Stitch\Turn::None;
    // Room for the frame too, where it reaches beyond the cloth.
    $reach =
        $fit === null
            ? []
            : [
                $m->centre->moved(-$fit->frame->outerWidthMm / 2, -$fit->frame->outerHeightMm / 2),
                $m->centre->moved($fit->frame->outerWidthMm / 2, $fit->frame->outerHeightMm / 2),
            ];
    $corners = Hakama\Stitch\ConvexHull::of([...$shape->outline, ...array_merge([], ...array_values($shape->parts)),
        ...$reach])
        ->turned($turn)
        ->bounds();
    $span = max($corners->width(), $corners->height());
    $size = $span / 26;
    $pad = $span * ($turned ? 0.13 : 0.07);
    $line = $span / 380;
    $pieceFill = $sheet->decoration->line->colour_hex;
    $f = $fit?->frame;
    $off = $sheet->offMiddle();
    $placement = $m->placement;
    $corner = $placement->datum === Hakama\Garment\Datum::CornerInside;
    $down = abs($m->measured->y - $m->datum->y);
    $across = abs($m->measured->x - $m->datum->x);
@endphp
<svg viewBox="{{ App\Setup\SetupDrawing::view($corners, $pad) }}" @class(['weave w-full border border-hair', $tall ?? false ? 'max-h-[46vh] bg-paper' : 'max-h-[360px]'])
    role="img" id="{{ $turned ? 'at-machine' : 'on-garment' }}" data-turn="{{ $turn->value }}"
    data-size="{{ $sheet->row->size->value }}"
    aria-label="{{ $turned ? __('setup.draw_garment.the_garment_as_you_see_it', ['value' => $turn->value])
        : __('setup.draw_garment.the_in_size_with_the_design', [
            'panel' => $shape->panel->label(),
            'value' => $sheet->row->size->label(),
        ]) }}">
    <g transform="rotate({{ -$turn->value }})">
        <path class="cloth-edge" d="{{ App\Setup\SetupDrawing::path($shape->outline) }}" fill="{{ $pieceFill }}"
            fill-opacity=".42" stroke="#1d2433" stroke-width="{{ $n(1.6 * $line) }}" stroke-linejoin="round" />
        @foreach ($shape->parts as $name => $part)
            <path class="part" d="{{ App\Setup\SetupDrawing::path($part, false) }}" fill="none" stroke="#1d2433"
                stroke-width="{{ $n(1.2 * $line) }}" stroke-linejoin="round" stroke-linecap="round">
                <title>{{ __('garment.drawn.'.$name) }}</title>
            </path>
        @endforeach
        @foreach ($shape->seams as $seam)
            <path
                d="M{{ $n($seam->from->x) }} {{ $n(-$seam->from->y) }}L{{ $n($seam->to->x) }} {{ $n(-$seam->to->y) }}"
                stroke="#6b6555" stroke-width="{{ $n($line) }}"
                stroke-dasharray="{{ $n(5 * $line) }} {{ $n(4 * $line) }}">
                <title>{{ $seam->label() }}</title>
            </path>
        @endforeach
        @include('setup.draw.features')
        @if ($f && !$sheet->row->facts->item->isOnCap())
            <g class="frame"
                transform="translate({{ $n($m->centre->x + $off->x) }} {{ $n(-$m->centre->y - $off->y) }}) rotate({{ $fit->turn->value
                    }}) translate({{ $n(-$fit->centre->x) }} {{ $n($fit->centre->y) }})"
                fill="none" stroke="#8a7f68" stroke-width="{{ $n(1.4 * $line) }}">
                @if ($f->window->round)
                    <ellipse rx="{{ $f->outerWidthMm / 2 }}" ry="{{ $f->outerHeightMm / 2 }}" fill="#cfc6b4"
                        fill-opacity=".35" />
                    <ellipse rx="{{ $f->window->widthMm / 2 }}" ry="{{ $f->window->heightMm / 2 }}" />
                @else
                    <rect x="{{ -$f->outerWidthMm / 2 }}" y="{{ -$f->outerHeightMm / 2 }}"
                        width="{{ $f->outerWidthMm }}" height="{{ $f->outerHeightMm }}"
                        rx="{{ $f->window->cornerMm + 8 }}" fill="#cfc6b4" fill-opacity=".35" />
                    <rect x="{{ -$f->window->widthMm / 2 }}" y="{{ -$f->window->heightMm / 2 }}"
                        width="{{ $f->window->widthMm }}" height="{{ $f->window->heightMm }}"
                        rx="{{ $f->window->cornerMm }}" />
                @endif
            </g>
        @endif
        <g class="design" data-x="{{ $n($m->centre->x) }}" data-y="{{ $n($m->centre->y) }}"
            data-width="{{ $n($b->width()) }}" data-height="{{ $n($b->height()) }}">
            <image href="{{ $picture }}" x="{{ $n($m->centre->x - $b->width() / 2 - 2) }}"
                y="{{ $n(-$m->centre->y - $b->height() / 2 - 2) }}" width="{{ $n($b->width() + 4) }}"
                height="{{ $n($b->height() + 4) }}" />
            <path
                d="M{{ $n($m->centre->x - $size / 3) }} {{ $n(-$m->centre->y) }}h{{ $n($size / 1.5) }}M{{
                    $n($m->centre->x) }} {{ $n(-$m->centre->y - $size / 3) }}v{{ $n($size / 1.5) }}"
                stroke="#1d2433" stroke-width="{{ $n(1.2 * $line) }}" />
        </g>
        @unless ($turned)
            <g stroke="#c8481f" stroke-width="{{ $n(1.6 * $line) }}" class="measured">
                @if ($corner)
                    <path class="down"
                        d="M{{ $n($m->datum->x) }} {{ $n(-$m->datum->y) }}L{{ $n($m->measured->x) }} {{
                            $n(-$m->measured->y) }}" />
                @else
                    @if ($down > 0)
                        <path class="down"
                            d="M{{ $n($m->measured->x) }} {{ $n(-$m->datum->y) }}V{{ $n(-$m->measured->y) }}" />
                        @if ($across > 0)
                            <path d="M{{ $n($m->datum->x) }} {{ $n(-$m->datum->y) }}H{{ $n($m->measured->x) }}"
                                stroke-dasharray="{{ $n(3 * $line) }}" />
                        @endif
                    @endif
                    @if ($across > 0)
                        <path class="across"
                            d="M{{ $n($m->datum->x) }} {{ $n(-$m->measured->y) }}H{{ $n($m->measured->x) }}" />
                    @endif
                @endif
            </g>
            <g font-size="{{ $n($size) }}" font-weight="600" paint-order="stroke" stroke="#fffdf8"
                stroke-width="{{ $n($size / 4) }}">
                @if ($down > 0 || $corner)
                    <text class="down" x="{{ $n($corner ? $m->measured->x - $size / 2 : $m->measured->x + $size / 3) }}"
                        y="{{ $n($corner ? -($m->datum->y + $m->measured->y) / 2 + $size
                            : -($m->datum->y + $m->measured->y) / 2) }}"
                        @if ($corner) text-anchor="end" @endif>{{ $units->field($corner
                            ? $placement->downMm : $down) }}</text>
                @endif
                @if ($across > 0 && !$corner)
                    <text class="across" text-anchor="middle" x="{{ $n(($m->datum->x + $m->measured->x) / 2) }}"
                        y="{{ $n(-$m->measured->y - $size / 4) }}">{{ $units->field($across) }}</text>
                @endif
            </g>
        @endunless
    </g>
    @if ($turned)
        <g font-size="{{ $n($size) }}" text-anchor="middle" font-weight="600">
            <text x="{{ $n(($corners->left + $corners->right) / 2) }}" y="{{ $n(-$corners->top - $pad * 0.45) }}">{{ __('setup.draw_garment.the_machine') }}</text>
            <text x="{{ $n(($corners->left + $corners->right) / 2) }}" y="{{ $n(-$corners->bottom + $pad * 0.75) }}">{{ __('setup.draw_garment.you') }}</text>
        </g>
    @endif
</svg>
