@php
    use Hakama\Stitch\Turn;
    $n = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
@endphp
@if ($problem !== null)
    <p class="note note-now" role="alert">{{ $problem }} Nothing was made; change what is on the left.</p>
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
            aria-label="{{ count($places) }} {{ count($places) === 1 ? 'copy' : 'copies' }} in place">
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
            <strong class="text-ink">{{ $grid->columns }} × {{ $grid->rows }} = {{ count($places) }}
                copies.</strong>
        @endif
        @if (count($places) > 1)
            The dashed way is that of the first block over the copies; the next one comes back along it.
        @endif
        {{ $field ? 'The dashed frame is the field: the window less the margin.' : '' }}
    </p>
    <table class="mt-3">
        <caption class="sr-only">Before and after</caption>
        <thead>
            <tr>
                <th></th>
                <th class="num">Stitches</th>
                <th class="num">Changes</th>
                <th class="num">Trims</th>
                <th class="num">Jumps, mm</th>
                <th class="num">Size, mm</th>
            </tr>
        </thead>
        <tbody>
            @foreach ([['In file order', $made->before], ['As made', $made->after]] as [$label, $figures])
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
                <td><strong>Saved</strong></td>
                <td class="num">{{ $n($made->before->counts->stitches - $made->after->counts->stitches) }}</td>
                <td class="num"><strong>{{ $made->changesSaved() }}</strong></td>
                <td class="num">{{ $made->trimsSaved() }}</td>
                <td class="num">{{ $n($made->before->movedMm - $made->after->movedMm) }}</td>
                <td class="num"><strong>{{ $n($saved / 60, 1) }} min</strong></td>
            </tr>
        </tbody>
    </table>
    <x-because about="How this was worked out">The minutes are the run time of both at {{ $n($speed) }} stitches per
        minute on one head, with the house’s times for changes, trims and starts. Regrouped, block 1 of every copy is
        sewn before block 2 of any: no block overtakes an earlier one of its own copy.</x-because>
    @if ($ask)
        <div hx-swap-oob="innerHTML:#sure-box"><label
                class="note note-now flex items-center gap-3 text-base text-ink"><input type="checkbox" name="sure"
                    value="1" class="h-5 w-5">
                {{ $artwork->lettering ? 'There is lettering in it, and mirrored lettering cannot be read.'
                    : 'Nobody has said whether there is lettering in it: mirrored lettering cannot be read.' }}
                I have looked: this design may be mirrored.</label></div>
    @else
        <div hx-swap-oob="innerHTML:#sure-box"></div>
    @endif
@endif
