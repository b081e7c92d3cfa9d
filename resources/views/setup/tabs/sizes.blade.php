@if (count($rows) > 1)
    <h2 class="mb-1 mt-6">Over the sizes</h2>
    @if ($sheet->sizes->differs())
        <p class="note note-now mb-2">Not every size may go in the same way.
            {{ $sheet->sizes->common() === []
                ? 'Set the sizes up apart.' : 'All of them may be turned ' . $sheet->sizes->common()[0]->value
                . '°: decide it for the whole batch.' }}
        </p>
    @endif
    @if ($sheet->sizes->framesDiffer())
        <p class="note note-now mb-2">
            {{ $sheet->sizes->commonFrames() === [] ? 'No frame does for all sizes: set them up apart.'
                : $sheet->sizes->commonFrames()[0] . ' does for all sizes.' }}
        </p>
    @endif
    <table>
        <thead>
            <tr>
                <th>Size</th>
                <th class="num">Pieces</th>
                <th class="num">Neck leaves, {{ $units->label() }}</th>
                <th>Way up</th>
                <th>Frames that do</th>
                <th class="num">Down, {{ $units->label() }}</th>
                <th class="num">Across, {{ $units->label() }}</th>
                <th>Peg</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr @class([
                    'font-semibold' =>
                        ($sheet->sizes->differs() &&
                            $row->turns()[0] !== $rows[count($rows) - 1]->turns()[0]) ||
                        $row->frames() === [],
                ])>
                    <td>{{ $row->size->value }}</td>
                    <td class="num">{{ $row->pieces }}</td>
                    <td class="num">
                        {{ $row->travelMm() === null ? '' : $units->field($row->travelMm()) }}
                        @if ($row->travelMm() !== null)
                            <span class="text-sm text-soft">{{ $sheet->from($row, Hakama\Garment\Measure::NeckOpening) }}</span>
                        @endif
                    </td>
                    <td class="tabular-nums">
                        {{ implode(', else ', array_map(static fn($turn) => $turn->value . '°', $row->turns())) }}
                    </td>
                    <td>{!! $row->frames() === []
                        ? '<span class="now">none</span>'
                        : e(implode(', ', array_slice($row->frames(), 0, 3))) !!}</td>
                    <td class="num">{{ $units->field($row->placement()->downMm) }}</td>
                    <td class="num">{{ $units->field($row->placement()->acrossMm) }}</td>
                    <td>{{ $row->placement()->peg }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <x-because about="How this was worked out">Neck first a design may be as wide as the neck opening laid
        flat less the sewing arm; wider ones go in waist first and are turned. A frame has to lie in the
        garment. Measures are those of <a href="{{ route('catalogue.show') }}">the catalogue</a>; arm and
        how much lower the place goes with each size are <a href="/shop#arm_width_mm">house
            rules</a>.</x-because>
@endif
