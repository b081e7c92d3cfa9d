@php
    use Hakama\Stitch\Turn;
    $n = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
@endphp
@if ($problem !== null)
    <p class="note note-now" role="alert">{{ __('artwork.made.nothing_was_made_change_the_settings', [
        'problem' => $problem,
    ]) }}</p>
@else
    @php
        $all = $made->after->bounds;
        $grid = $making->grid;
        $one = $artwork->bounds();
        $across = in_array($making->turn, [Turn::Quarter, Turn::ThreeQuarters], true);
        [$width, $height] = $across ? [$one->height(), $one->width()] : [$one->width(), $one->height()];
        $field = $making->fieldMm;
        $box = [max($all->width(), $field[0] ?? 0) + 8, max($all->height(), $field[1] ?? 0) + 8];
        $places = $grid->copies() > 1 ? $grid->middles($width, $height) : [new Hakama\Stitch\Point(0, 0)];
        $picture = route('artwork.drawing', [
            $artwork,
            'v' => substr(md5($artwork->checksum . implode(',', array_map(strval(...), $artwork->colours()))), 0, 8),
        ]);
    @endphp
    <div class="weave flex h-[330px] items-center justify-center border border-hair p-3">
        <svg viewBox="{{ -$box[0] / 2 }} {{ -$box[1] / 2 }} {{ $box[0] }} {{ $box[1] }}"
            class="h-full w-full" role="img"
            aria-label="{{ __('artwork.made.copies', ['places' => count($places)]) }}">
            @if ($field)
                <rect x="{{ -$field[0] / 2 }}" y="{{ -$field[1] / 2 }}" width="{{ $field[0] }}"
                    height="{{ $field[1] }}" fill="none" stroke="#2b3a67" stroke-width="{{ $box[0] / 400 }}"
                    stroke-dasharray="{{ $box[0] / 100 }} {{ $box[0] / 150 }}" />
            @endif
            @foreach ($places as $place)
                <g
                    transform="translate({{ round($place->x, 2) }} {{ round(-$place->y,
                        2) }}) rotate({{ -$making->turn->value }}) scale({{ $making->mirrored ? -1 : 1 }} 1)">
                    <image href="{{ $picture }}" x="{{ -$one->width() / 2 - 2 }}"
                        y="{{ -$one->height() / 2 - 2 }}" width="{{ $one->width() + 4 }}"
                        height="{{ $one->height() + 4 }}" />
                </g>
            @endforeach
            @if (count($places) > 1)
                <polyline
                    points="{{ implode(' ', array_map(static fn($p) => round($p->x, 1) . ','
                        . round(-$p->y, 1), $places)) }}"
                    fill="none" stroke="#c8481f" stroke-opacity=".7" stroke-width="{{ $box[0] / 300 }}"
                    stroke-dasharray="{{ $box[0] / 80 }} {{ $box[0] / 120 }}" />
            @endif
        </svg>
    </div>
    <p class="mt-1 text-sm text-soft">
        @if (count($places) > 1)
            <strong class="text-ink">{{ __('artwork.made.x_copies', [
                'columns' => $grid->columns,
                'rows' => $grid->rows,
                'places' => count($places),
            ]) }}</strong>
        @endif
        @if (count($places) > 1)
            {{ __('artwork.made.the_dashed_path_is_the_first') }}
        @endif
        {{ $field ? __('artwork.made.the_dashed_frame_is_the_sewing') : '' }}
    </p>
    <table class="mt-3">
        <caption class="sr-only">{{ __('artwork.made.before_and_after') }}</caption>
        <thead>
            <tr>
                <th></th>
                <th class="num">{{ __('artwork.made.stitches') }}</th>
                <th class="num">{{ __('artwork.made.changes') }}</th>
                <th class="num">{{ __('artwork.made.trims') }}</th>
                <th class="num">{{ __('artwork.made.jumps_mm') }}</th>
                <th class="num">{{ __('artwork.made.size_mm') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ([[__('artwork.made.in_file_order'), $made->before], [__('artwork.made.as_made'), $made->after]] as [$label, $figures])
                <tr>
                    <td>{{ $label }}</td>
                    <td class="num">{{ $n($figures->counts->stitches) }}</td>
                    <td class="num">{{ $figures->counts->changes }}</td>
                    <td class="num">{{ $figures->counts->trims }}</td>
                    <td class="num">{{ $n($figures->movedMm) }}</td>
                    <td class="num">{{ $n($figures->bounds->width(), 1) }} ×
                        {{ $n($figures->bounds->height(), 1) }}</td>
                </tr>
            @endforeach
            <tr>
                <td><strong>{{ __('artwork.made.saved') }}</strong></td>
                <td class="num">{{ $n($made->before->counts->stitches - $made->after->counts->stitches) }}</td>
                <td class="num"><strong>{{ $made->changesSaved() }}</strong></td>
                <td class="num">{{ $made->trimsSaved() }}</td>
                <td class="num">{{ $n($made->before->movedMm - $made->after->movedMm) }}</td>
                <td class="num"><strong>{{ $n($saved / 60, 1) }} min</strong></td>
            </tr>
        </tbody>
    </table>
    <x-because :about="__('artwork.made.how_its_calculated')">{{ __('artwork.made.run_time_of_both_at_spm', [
        'speed' => $n($speed),
    ]) }}</x-because>
    @if ($ask)
        <div data-hx-swap-oob="innerHTML:#sure-box"><label
                class="note note-now flex items-center gap-3 text-base text-ink"><input type="checkbox" name="sure"
                    value="1" class="h-5 w-5">
                {{ __('artwork.made.i_checked_this_design_may_be', ['value' => $artwork->lettering ? __('artwork.made.this_design_has_lettering_and_mirrored')
                    : __('artwork.made.if_this_design_has_lettering_it')]) }}</label></div>
    @else
        <div data-hx-swap-oob="innerHTML:#sure-box"></div>
    @endif
@endif
