@if (count($rows) > 1)
    <h2 class="mb-1 mt-6">{{ __('setup.tabs_sizes.sizes') }}</h2>
    @if ($sheet->sizes->differs())
        <p class="note note-now mb-2">{{ __('setup.tabs_sizes.not_every_size_can_be_loaded', ['value' => $sheet->sizes->common() === []
                ? __('setup.tabs_sizes.set_up_the_sizes_separately') : __('setup.tabs_sizes.all_sizes_can_be_turned_decide', [
                    'value' => $sheet->sizes->common()[0]->value,
                ])]) }}
        </p>
    @endif
    @if ($sheet->sizes->framesDiffer())
        <p class="note note-now mb-2">
            {{ $sheet->sizes->commonFrames() === [] ? __('setup.tabs_sizes.no_frame_fits_all_sizes_set')
                : __('setup.tabs_sizes.fits_all_sizes', ['common_frames' => $sheet->sizes->commonFrames()[0]]) }}
        </p>
    @endif
    <table>
        <thead>
            <tr>
                <th>{{ __('setup.tabs_sizes.size') }}</th>
                <th class="num">{{ __('setup.tabs_sizes.pieces') }}</th>
                <th class="num">{{ __('setup.tabs_sizes.room_at_the_neck', ['units' => $units->label()]) }}</th>
                <th>{{ __('setup.tabs_sizes.way_up') }}</th>
                <th>{{ __('setup.tabs_sizes.frames_that_fit') }}</th>
                <th class="num">{{ __('setup.tabs_sizes.down', ['units' => $units->label()]) }}</th>
                <th class="num">{{ __('setup.tabs_sizes.across', ['units' => $units->label()]) }}</th>
                <th>{{ __('setup.tabs_sizes.peg') }}</th>
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
                    <td>{{ $row->size->label() }}</td>
                    <td class="num">{{ $row->pieces }}</td>
                    <td class="num">
                        {{ $row->travelMm() === null ? '' : $units->field($row->travelMm()) }}
                        @if ($row->travelMm() !== null)
                            <span class="text-sm text-soft">{{ $sheet->from($row, Hakama\Garment\Measure::NeckOpening) }}</span>
                        @endif
                    </td>
                    <td class="tabular-nums">
                        {{ implode(__('setup.tabs_sizes.otherwise').' ', array_map(static fn($turn) => $turn->value . '°', $row->turns())) }}
                    </td>
                    <td><span @class(['now' => $row->frames() === []])>{{ $row->frames() === []
                        ? __('setup.tabs_sizes.none')
                        : implode(', ', array_slice($row->frames(), 0, 3)) }}</span></td>
                    <td class="num">{{ $units->field($row->placement()->downMm) }}</td>
                    <td class="num">{{ $units->field($row->placement()->acrossMm) }}</td>
                    <td>{{ $row->placement()->peg }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <x-because :about="__('setup.tabs_sizes.how_its_calculated')"><x-said key="setup.tabs_sizes.neck_first_a_design_can_be">
        <x-slot:link><a href="{{ route('catalogue.show') }}">{{ __('setup.tabs_sizes.the_catalogue') }}</a></x-slot:link>
        <x-slot:link2><a href="/shop#arm_width_mm">{{ __('setup.tabs_sizes.house_rules') }}</a></x-slot:link2></x-said></x-because>
@endif
