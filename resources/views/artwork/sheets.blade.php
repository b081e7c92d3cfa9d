@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $lasts = static fn(float $s) => $s < 5400 ? $n(ceil($s / 60)) . ' min' : $n($s / 3600, 1) . ' h';
    $made = static fn($sheet) => [
        'frame' => $sheet->frame,
        'columns' => $sheet->grid->columns,
        'rows' => $sheet->grid->rows,
        'for' => $pieces,
    ];
@endphp
@if ($patch !== null)
    <p @class(['mb-2 text-sm', 'now' => $patch !== []])>
        {{ $patch === [] ? 'As a patch: filled, in one piece, with a border to cut along.'
            : 'As a patch: ' . implode(' ', $patch) }}</p>
@endif
@if ($problem !== null)
    <p class="now text-sm">{{ $problem }}</p>
@elseif ($sheets === [])
    <p class="now text-sm">No frame of the shop takes it with its margin.</p>
@else
    <table>
        <thead>
            <tr>
                <th>Frame</th>
                <th class="num">To a sheet</th>
                <th class="num">Sheets</th>
                <th class="num">Over</th>
                <th class="num">Time</th>
                <th class="num">Backing</th>
                <th><span class="sr-only">Choose</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach (array_slice($sheets, 0, 4) as $sheet)
                <tr>
                    <td>{{ $sheet->frame }}</td>
                    <td class="num">{{ $sheet->grid->copies() }} <span
                            class="text-sm text-soft">{{ $sheet->grid->columns }} × {{ $sheet->grid->rows }}</span></td>
                    <td class="num">{{ $sheet->sheets }}</td>
                    <td class="num">{{ $sheet->over ?: '' }}</td>
                    <td class="num">{{ $lasts($sheet->seconds) }}</td>
                    <td class="num">{{ $n($sheet->cm2 / 10000, 2) }} m²</td>
                    <td><a class="btn btn-small"
                            href="{{ route('artwork.make', [$artwork, ...$made($sheet)]) }}"
                            aria-label="Lay it out: {{ $sheet->grid->copies() }} in {{ $sheet->frame }}">Lay it
                                out</a></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="mt-1 text-sm text-soft">One head, regrouped by colour, hooping and swaps among it; soonest done first.</p>
@endif
