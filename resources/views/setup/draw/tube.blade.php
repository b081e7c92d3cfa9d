@php
    // A tube with what goes along it, and its hoopings; the end that is measured from is below on a sleeve and above
    // on a leg.
    $m = $sheet->row->advice->marked;
    $tube = $sheet->tube;
    $n = App\Setup\SetupDrawing::n(...);
    $up = $m->placement->edge === Hakama\Setup\Placement\Edge::Lower;
    $y = static fn(float $at) => $m->datum->y + ($up ? $at : -$at);
    $box = $m->shape->bounds();
    $hoops = $tube->hoopings->hoopings;
    $ends = [
        ...array_map(static fn($one) => $one->toMm, $hoops),
        ...array_map(static fn($one) => $one->toMm, $tube->hoopings->refused),
    ];
    $reach = ($ends === [] ? 100 : max($ends)) + 50;
    [$bottom, $top] = $up ? [$y(0), $y($reach)] : [$y($reach), $y(0)];
    [$bottom, $top] = [max($bottom, $box->bottom), min($top, $box->top)];
    $view = new Hakama\Stitch\Bounds($box->left, $box->right + 150, $bottom, $top);
    $t = max(7, $view->height() / 30);
@endphp
<svg viewBox="{{ App\Setup\SetupDrawing::view($view, 16) }}" class="weave max-h-[420px] w-full border border-hair"
    role="img" id="along-tube" aria-label="{{ __('setup.draw_tube.the_tube_with_its_hoopings_and') }}"
    data-hoopings="{{ count($hoops) }}">
    <path class="cloth-edge" d="{{ App\Setup\SetupDrawing::path($m->shape->outline) }}"
        fill="{{ $sheet->decoration->line->colour_hex }}" fill-opacity=".16" stroke="#1d2433" stroke-width=".8" />
    <path d="M0 {{ $n(-$box->top) }}V{{ $n(-$box->bottom) }}" stroke="#6b6555" stroke-width=".6" stroke-dasharray="5 4">
        <title>{{ __('setup.draw_tube.outer_seam_or_crease') }}</title>
    </path>
    @foreach ($tube->artworks as [$artwork, $at])
        @php
            $b = $artwork->bounds();
            $middle = $y($at + $b->height() / 2);
        @endphp
        <image href="{{ App\Setup\SetupDrawing::picture($artwork) }}" x="{{ $n(-$b->width() / 2 - 2) }}"
            y="{{ $n(-$middle - $b->height() / 2 - 2) }}" width="{{ $n($b->width() + 4) }}"
            height="{{ $n($b->height() + 4) }}" />
    @endforeach
    @foreach ($hoops as $i => $hooping)
        @php
            [$lowY, $highY] = [min($y($hooping->fromMm), $y($hooping->fromMm + $tube->hoopings->reachMm)),
                max($y($hooping->fromMm), $y($hooping->fromMm + $tube->hoopings->reachMm))];
            $side = $box->right + 12;
        @endphp
        <g class="hooping" data-mark="{{ $n($hooping->markMm) }}">
            <rect x="{{ $n($box->left - 6) }}" y="{{ $n(-$highY) }}" width="{{ $n($box->width() + 12) }}"
                height="{{ $n($highY - $lowY) }}" fill="none" stroke="#8a5a0c" stroke-width="1"
                stroke-dasharray="{{ $i % 2 ? '2 2' : '6 3' }}" />
            <path class="mark" d="M-8 {{ $n(-$y($hooping->markMm)) }}h16M0 {{ $n(-$y($hooping->markMm) - 8) }}v16"
                stroke="#c8481f" stroke-width="1.4" />
            <path d="M8 {{ $n(-$y($hooping->markMm)) }}H{{ $n($side) }}" stroke="#c8481f" stroke-width=".6" />
            <text x="{{ $n($side + 2) }}" y="{{ $n(-$y($hooping->markMm) + $t / 3) }}"
                font-size="{{ $n($t) }}" font-weight="600">{{ __('setup.draw_tube.mark_at', [
                    'i' => $i + 1,
                    'field' => $units->field($hooping->markMm),
                ]) }}</text>
        </g>
    @endforeach
    @foreach ($tube->hoopings->refused as $motif)
        <rect class="refused" x="{{ $n($box->left) }}" y="{{ $n(-max($y($motif->fromMm), $y($motif->toMm))) }}"
            width="{{ $n($box->width()) }}" height="{{ $n($motif->heightMm()) }}" fill="none" stroke="#c8481f"
            stroke-width="1.6" />
    @endforeach
</svg>
