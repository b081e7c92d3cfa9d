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
        {{ $patch === [] ? __('artwork.sheets.as_a_patch_filled_one_piece')
            : __('artwork.sheets.as_a_patch', ['value' => implode(' ', App\Foundation\Words\Words::each($patch))]) }}</p>
@endif
@if ($problem !== null)
    <p class="now text-sm">{{ $problem }}</p>
@elseif ($sheets === [])
    <p class="now text-sm">{{ __('artwork.sheets.none_of_your_frames_takes_it') }}</p>
@else
    <table>
        <thead>
            <tr>
                <th>{{ __('artwork.sheets.frame') }}</th>
                <th class="num">{{ __('artwork.sheets.per_sheet') }}</th>
                <th class="num">{{ __('artwork.sheets.sheets') }}</th>
                <th class="num">{{ __('artwork.sheets.spare') }}</th>
                <th class="num">{{ __('artwork.sheets.time') }}</th>
                <th class="num">{{ __('artwork.sheets.backing') }}</th>
                <th><span class="sr-only">{{ __('artwork.sheets.choose') }}</span></th>
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
                            aria-label="{{ __('artwork.sheets.lay_out_in', [
                                'copies' => $sheet->grid->copies(),
                                'frame' => $sheet->frame,
                            ]) }}">{{ __('artwork.sheets.lay_out') }}</a></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="mt-1 text-sm text-soft">{{ __('artwork.sheets.one_head_regrouped_by_colour_with') }}</p>
@endif
