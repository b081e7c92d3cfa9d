@php
    /** A cap opened flat, and as it is seen from before the place: x' = r · sin(x / r). */
    $m = $sheet->row->advice->marked;
    $face = $sheet->face;
    $b = $sheet->bounds();
    $place = $sheet->decoration->position;
    $front = $place === Hakama\Garment\Position::CapFront;
    $back = $place === Hakama\Garment\Position::CapBack;
    // Round from the front seam; the back is turned to the front of the ring.
    $middle = $face->centreMm($place, $b->width());
    $n = App\Setup\SetupDrawing::n(...);
    [$wrap, $r] = [$face->wrapMm(), $face->radiusMm()];
    $gap = abs($m->placement->downMm);
    $limit = $gap + $face->limitMm;
    [$w, $h] = [$b->width(), $b->height()];
    [$low, $high] = [$m->centre->y - $h / 2, $m->centre->y + $h / 2];
    $over = $w / 2 > $wrap || $h > $face->limitMm;
    $strips = 24;
    $seen = $face->seenMm(...);
    $dome = $m->shape->bounds()->top;
    $opening = $back ? 42 : 0;
    // The panels go on over the top to the button.
    $crown = $dome + 12;
    $reach = max($wrap, $m->shape->bounds()->right);
    $box = $front || $back
        ? new Hakama\Stitch\Bounds(-$reach, $reach, -6 - $opening, max($limit, $dome))
        : new Hakama\Stitch\Bounds(-30, $face->circumferenceMm / 2, -6, $dome);
@endphp
<div class="grid grid-cols-2 gap-3">
    <figure>
        <svg viewBox="{{ App\Setup\SetupDrawing::view($box, 12) }}" class="weave max-h-[300px] w-full border border-hair"
            role="img" id="cap-flat"
            aria-label="{{ __('setup.draw_cap.the_cap_laid_flat_with_its') }}"
            data-wrap="{{ $n($wrap) }}" data-limit="{{ $n($limit) }}" data-place="{{ $place->value }}">
            @if ($front || $back)
                <path class="cloth-edge" d="{{ App\Setup\SetupDrawing::path($m->shape->outline) }}"
                    fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".16" stroke="#1d2433"
                    stroke-width=".8" />
            @else
                <path class="cloth-edge"
                    d="M0 0H{{ $n($face->circumferenceMm / 2) }}V{{ $n(-$dome * 0.55) }}C{{
                        $n($face->seamMm(2)) }} {{ $n(-$dome) }} {{ $n($face->seamMm(1)) }} {{ $n(-$dome) }} 0 {{
                            $n(-$dome * 0.9) }}Z"
                    fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".16" stroke="#1d2433"
                    stroke-width=".8" />
            @endif
            @if ($back)
                <path class="opening"
                    d="M{{ $n(-$face->seamMm(1) * 0.45) }} {{ $opening }}C{{ $n(-$face->seamMm(1) * 0.45) }} -14 {{
                        $n($face->seamMm(1) * 0.45) }} -14 {{ $n($face->seamMm(1) * 0.45) }} {{ $opening }}"
                    fill="#fffdf8" stroke="#1d2433" stroke-width=".8" />
                <path d="M{{ $n(-$face->seamMm(1) * 0.45) }} {{ $opening - 12 }}H{{ $n($face->seamMm(1) * 0.45) }}"
                    stroke="#1d2433" stroke-width="6" stroke-opacity=".35" />
            @endif
            @if ($front)
                <path class="limit" d="M{{ $n(-$wrap) }} {{ $n(-$limit) }}H{{ $n($wrap) }}" stroke="#c8481f"
                    stroke-width=".9" />
            @endif
            <path class="gap" d="M{{ $n($front || $back ? -$wrap : 0) }} {{ $n(-$gap) }}H{{ $n($wrap) }}"
                stroke="#8a5a0c"
                stroke-width=".7" stroke-dasharray="4 3" />
            <path class="wrap"
                d="M{{ $n($wrap) }} 0V{{ $n(-$dome * 0.8) }}{{ $front || $back
                    ? 'M' . $n(-$wrap) . ' 0V' . $n(-$dome * 0.8) : '' }}"
                stroke="#c8481f" stroke-width=".9" stroke-dasharray="6 3" />
            <path d="M0 0V{{ $n(-$dome) }}" stroke="#6b6555" stroke-width=".5" stroke-dasharray="4 3" />
            @unless ($front)
                @foreach ($back ? [-1, 1] : [1, 2] as $k)
                    <path class="panel-seam" data-x="{{ $n($k * $face->seamMm(1)) }}"
                        d="M{{ $n($k * $face->seamMm(1)) }} 0V{{ $n(-$dome * 0.85) }}" stroke="#6b6555"
                        stroke-width=".7" stroke-dasharray="4 3" />
                @endforeach
            @endunless
            @if ($front)
                @include('setup.draw.features', ['line' => 0.7])
            @endif
            <g class="design" data-x="{{ $n($middle) }}" data-y="{{ $n($m->centre->y) }}"
                data-width="{{ $n($w) }}" data-height="{{ $n($h) }}">
                <image href="{{ $picture }}" x="{{ $n($middle - $w / 2 - 2) }}" y="{{ $n(-$high - 2) }}"
                    width="{{ $n($w + 4) }}" height="{{ $n($h + 4) }}" />
            </g>
            <g font-size="10" paint-order="stroke" stroke="#fffdf8" stroke-width="2.4">
                @if ($front)
                    <text x="{{ $n(-$wrap + 3) }}"
                        y="{{ $n(-$limit - 2.5) }}">{{ __('setup.draw_cap.height_limit_above_the_gap', [
                            'limit_mm' => $units->figure($face->limitMm),
                        ]) }}</text>
                @endif
                <text x="{{ $n(($front || $back ? -$wrap : 0) + 3) }}"
                    y="{{ $n(-$gap - 2) }}">{{ __('setup.draw_cap.gap', ['gap' => $units->figure($gap)]) }}</text>
                <text x="{{ $n($wrap - 3) }}" y="-3" text-anchor="end">{{ __('setup.draw_cap.wrap', [
                    'wrap' => $units->figure($wrap),
                    'half_angle_deg' => round($face->halfAngleDeg),
                ]) }}</text>
                @if (! $front && ! $back)
                    <text x="2" y="{{ $n(-$dome * 0.9 - 3) }}">{{ __('setup.draw_cap.front_seam') }}</text>
                    <text x="{{ $n($face->seamMm(1) + 2) }}"
                        y="{{ $n(-$dome * 0.62) }}">{{ __('setup.draw_cap.seam', [
                            'seam_mm' => $units->figure($face->seamMm(1)),
                        ]) }}</text>
                    <text x="{{ $n($face->seamMm(2) + 2) }}"
                        y="{{ $n(-$dome * 0.62) }}">{{ __('setup.draw_cap.seam', [
                            'seam_mm' => $units->figure($face->seamMm(2)),
                        ]) }}</text>
                @elseif ($back)
                    <text x="{{ $n($face->seamMm(1) + 2) }}"
                        y="{{ $n(-$dome * 0.62) }}">{{ __('setup.draw_cap.seam', [
                            'seam_mm' => $units->figure($face->seamMm(1)),
                        ]) }}</text>
                @endif
            </g>
        </svg>
        <figcaption class="text-sm text-soft">
            @if ($front)
                {{ __('setup.draw_cap.laid_flat_of_around_of_high', [
                    'w' => $units->figure($w),
                    'value' => $units->said(2 * $wrap),
                    'h' => $units->figure($h),
                    'limit_mm' => $units->figure($face->limitMm),
                ]) }}
            @elseif ($back)
                {{ __('setup.draw_cap.laid_flat_around_the_back_seam', [
                    'w' => $units->figure($w),
                    'value' => $units->said(2 * $face->seamMm(1)),
                ]) }}
            @else
                {{ __('setup.draw_cap.laid_flat_from_the_front_seam', [
                    'middle' => $units->said($middle),
                    'angle_deg' => round($face->angleDeg($middle)),
                ]) }}
            @endif
        </figcaption>
    </figure>
    <figure>
        <svg viewBox="{{ $n(-$r - ($front || $back ? 14 : 76)) }} {{ $n(-$crown - 14) }} {{ $n(2 * $r + ($front || $back ? 28 : 90)) }} {{ $n($crown + ($front ? 68 : 40 + $opening)) }}"
            class="weave max-h-[300px] w-full border border-hair" role="img" id="cap-front"
            aria-label="{{ __('setup.draw_cap.the_cap_seen_from', [
                'value' => $front ? __('setup.draw_cap.the_front') : ($back ? __('setup.draw_cap.the_back') : __('setup.draw_cap.the_side')),
            ]) }}"
                data-radius="{{ $n($r) }}">
            {{-- At the back it is measured from the upper edge of the strap opening, which the crown reaches below. --}}
            <g transform="translate(0 {{ $opening }})">@include('setup.draw.crown', [
                'top' => $crown + $opening,
                'seam' => $seen($face->seamMm(1)),
                'hex' => $sheet->decoration->line->colour_hex,
                'from' => $front ? 'front' : ($back ? 'back' : 'side'),
                'opening' => 2 * $seen($face->seamMm(1) * 0.45),
                'openingHigh' => $opening,
            ])</g>
            @if ($front)
                @php $wide = min($seen(min($wrap, $r * M_PI_2)), $r * sqrt(max(0.0, 1 - ($limit / $crown) ** 2.4))); @endphp
                <path d="M{{ $n(-$wide) }} {{ $n(-$limit) }}H{{ $n($wide) }}"
                    stroke="#c8481f" stroke-width=".9" />
            @endif
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
                d="M{{ $n($seen(-min($w / 2, $r * M_PI_2))) }} {{ $n(-$low) }}V{{ $n(-$high) }}M{{
                    $n($seen(min($w / 2, $r * M_PI_2))) }} {{ $n(-$low) }}V{{ $n(-$high) }}"
                stroke="#1d2433" stroke-width=".5" stroke-dasharray="2 2" />
        </svg>
        <figcaption class="text-sm text-soft">{{ __('setup.draw_cap.seen_from_edges_at_from_the', ['value' => $front ? __('setup.draw_cap.the_front') : ($back
            ? __('setup.draw_cap.the_back') : __('setup.draw_cap.the_side')), 'angle_deg' => round($face->angleDeg($w / 2)), 'w' => $units->said($seen($w / 2))]) }}</figcaption>
    </figure>
</div>
