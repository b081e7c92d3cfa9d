@php
    /** A cap opened flat, and as it is seen from the front: x' = r · sin(x / r). */
    $m = $sheet->row->advice->marked;
    $face = $sheet->face;
    $b = $sheet->bounds();
    $n = App\Setup\Drawing::n(...);
    [$wrap, $r] = [$face->wrapMm(), $face->radiusMm()];
    $gap = abs($m->placement->downMm);
    $limit = $gap + $face->limitMm;
    [$w, $h] = [$b->width(), $b->height()];
    [$low, $high] = [$m->centre->y - $h / 2, $m->centre->y + $h / 2];
    $over = $w / 2 > $wrap || $h > $face->limitMm;
    $strips = 24;
    $seen = $face->seenMm(...);
    $dome = $m->shape->bounds()->top;
    $box = new Hakama\Stitch\Bounds(
        -max($wrap, $m->shape->bounds()->right),
        max($wrap, $m->shape->bounds()->right),
        -6,
        max($limit, $dome),
    );
@endphp
<div class="grid grid-cols-2 gap-3">
    <figure>
        <svg viewBox="{{ App\Setup\Drawing::view($box, 12) }}" class="weave max-h-[300px] w-full border border-hair"
            role="img" id="cap-flat"
            aria-label="The cap opened flat, with the limit of its height, the gap over the bill and how far round the driver reaches"
            data-wrap="{{ $n($wrap) }}" data-limit="{{ $n($limit) }}">
            <path class="cloth-edge" d="{{ App\Setup\Drawing::path($m->shape->outline) }}"
                fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".16" stroke="#1d2433"
                stroke-width=".8" />
            <path class="limit" d="M{{ $n(-$wrap) }} {{ $n(-$limit) }}H{{ $n($wrap) }}" stroke="#c8481f"
                stroke-width=".9" />
            <path class="gap" d="M{{ $n(-$wrap) }} {{ $n(-$gap) }}H{{ $n($wrap) }}" stroke="#8a5a0c"
                stroke-width=".7" stroke-dasharray="4 3" />
            <path class="wrap"
                d="M{{ $n(-$wrap) }} 0V{{ $n(-$limit) }}M{{ $n($wrap) }} 0V{{ $n(-$limit) }}"
                stroke="#c8481f" stroke-width=".9" stroke-dasharray="6 3" />
            <path d="M0 0V{{ $n(-$dome) }}" stroke="#6b6555" stroke-width=".5" stroke-dasharray="4 3" />
            <g class="design" data-x="{{ $n($m->centre->x) }}" data-y="{{ $n($m->centre->y) }}"
                data-width="{{ $n($w) }}" data-height="{{ $n($h) }}">
                <image href="{{ $picture }}" x="{{ $n($m->centre->x - $w / 2 - 2) }}" y="{{ $n(-$high - 2) }}"
                    width="{{ $n($w + 4) }}" height="{{ $n($h + 4) }}" />
            </g>
            <g font-size="10" paint-order="stroke" stroke="#fffdf8" stroke-width="2.4">
                <text x="{{ $n(-$wrap + 3) }}" y="{{ $n(-$limit - 2.5) }}">height limit {{ round($face->limitMm) }}
                    over the gap</text>
                <text x="{{ $n(-$wrap + 3) }}" y="{{ $n(-$gap - 2) }}">gap {{ round($gap) }}</text>
                <text x="{{ $n($wrap - 3) }}" y="-3" text-anchor="end">wrap {{ round($wrap) }} =
                    {{ round($face->halfAngleDeg) }}°</text>
            </g>
        </svg>
        <figcaption class="text-sm text-soft">Opened flat: {{ round($w) }} of {{ round(2 * $wrap) }} mm round,
            {{ round($h) }} of {{ round($face->limitMm) }} high.</figcaption>
    </figure>
    <figure>
        <svg viewBox="{{ $n(-$r - 24) }} {{ $n(-$box->top - 12) }} {{ $n(2 * $r + 48) }} {{ $n($box->top + 48) }}"
            class="weave max-h-[300px] w-full border border-hair" role="img" id="cap-front"
            aria-label="The cap seen from the front" data-radius="{{ $n($r) }}">
            <path class="cloth-edge"
                d="{{ App\Setup\Drawing::path(array_map(static fn($p) => new Hakama\Stitch\Point($seen($p->x), $p->y), $m->shape->outline)) }}"
                fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".22" stroke="#1d2433"
                stroke-width=".8" />
            <path
                d="M{{ $n(-$r) }} 0C{{ $n(-$r * 0.9) }} 30 {{ $n($r * 0.9) }} 30 {{ $n($r) }} 0C{{ $n($r * 0.6) }} 9 {{ $n(-$r * 0.6) }} 9 {{ $n(-$r) }} 0Z"
                fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".4" stroke="#1d2433"
                stroke-width=".8" />
            <path
                d="M{{ $n(-$seen(min($wrap, $r * M_PI_2))) }} {{ $n(-$limit) }}H{{ $n($seen(min($wrap, $r * M_PI_2))) }}"
                stroke="#c8481f" stroke-width=".9" />
            @for ($i = 0; $i < $strips; $i++)
                @php [$x0, $x1] = [-$w / 2 + $w * $i / $strips, -$w / 2 + $w * ($i + 1) / $strips]; @endphp
                @if (abs($face->angleDeg(($x0 + $x1) / 2)) < 90)
                    <svg class="strip" x="{{ $n($seen($x0)) }}" y="{{ $n(-$high) }}"
                        width="{{ $n($seen($x1) - $seen($x0)) }}" height="{{ $n($h) }}"
                        viewBox="{{ $n($x0) }} {{ $n(-$h / 2) }} {{ $n($w / $strips) }} {{ $n($h) }}"
                        preserveAspectRatio="none">
                        <image href="{{ $picture }}" x="{{ $n(-$w / 2 - 2) }}" y="{{ $n(-$h / 2 - 2) }}"
                            width="{{ $n($w + 4) }}" height="{{ $n($h + 4) }}" />
                    </svg>
                @endif
            @endfor
            <path class="edge"
                d="M{{ $n($seen(-min($w / 2, $r * M_PI_2))) }} {{ $n(-$low) }}V{{ $n(-$high) }}M{{ $n($seen(min($w / 2, $r * M_PI_2))) }} {{ $n(-$low) }}V{{ $n(-$high) }}"
                stroke="#1d2433" stroke-width=".5" stroke-dasharray="2 2" />
        </svg>
        <figcaption class="text-sm text-soft">From the front: its edges stand at {{ round($face->angleDeg($w / 2)) }}°
            and are seen {{ round($seen($w / 2)) }} mm from the middle.</figcaption>
    </figure>
</div>
