@if (count($sheet->waysIn()) > 1)
    <table class="mb-4" id="ways-in">
        <caption class="sr-only">{{ __('setup.tabs_frames.ways_to_load_best_first') }}</caption>
        <thead>
            <tr>
                <th>{{ __('setup.tabs_frames.access') }}</th>
                <th>{{ __('setup.tabs_frames.loads_first') }}</th>
                <th class="num">{{ __('setup.tabs_frames.hoopings') }}</th>
                <th class="num">{{ __('setup.tabs_frames.hands_min_per_piece') }}</th>
                <th>{{ __('setup.tabs_frames.why') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($sheet->waysIn() as $way)
                <tr>
                    <td>{{ __('setup.tabs_frames.on_the_driver', [
                        'access' => App\Foundation\Words\Words::capital($way->way->access->label()),
                        'value' => $way->way->driver->label(),
                    ]) }}</td>
                    <td>@if ($way->works())
                            {{ __('setup.tabs_frames.yes') }}
                        @else
                            <span class="now">{{ __('setup.tabs_frames.no') }}</span>
                        @endif
                    </td>
                    <td class="num">{{ $way->best->fit->times() }}</td>
                    <td class="num">{{ App\Shop\Figure::words($way->handsS / 60, 1) }}</td>
                    <td class="text-sm">{{ $way->because($units) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<table>
    <thead>
        <tr>
            <th>{{ __('setup.tabs_frames.frame') }}</th>
            <th>{{ __('setup.tabs_frames.fits') }}</th>
            <th class="num">{{ __('setup.tabs_frames.clear', ['units' => $units->label()]) }}</th>
            <th>{{ __('setup.tabs_frames.way_up') }}</th>
            <th>{{ __('setup.tabs_frames.changes') }}</th>
            <th><span class="sr-only">{{ __('setup.tabs_frames.look') }}</span></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->ranked() as $one)
            <tr @class(['font-semibold' => $fit?->frame->id === $one->fit->frame->id])>
                <td>{{ $one->fit->frame->id }} <span
                        class="text-sm font-normal text-soft">{{ __('setup.tabs_frames.here', [
                            'value' => $one->fit->frame->kind->label(),
                            'count' => $one->fit->frame->count,
                        ]) }}</span></td>
                <td><span @class(['now' => ! $one->fits()])>{{ match (true) {
                    $one->fits() => __('setup.tabs_frames.yes'),
                    ! $one->goesIn() => __('setup.tabs_frames.does_not_go_in'),
                    ! $one->liesOn() => __('setup.tabs_frames.hangs_over'),
                    default => __('setup.tabs_frames.no'),
                } }}</span></td>
                <td class="num">{{ $mm($one->fit->clearMm) }}</td>
                <td class="tabular-nums">{{ $one->fit->turn->value }}°</td>
                <td>{{ $one->change->label() }}</td>
                <td class="num"><a class="btn btn-small"
                        href="{{ $at(['frame' => $one->fit->frame->id, 'turn' => null]) }}"
                        data-hx-get="{{ $at(['frame' => $one->fit->frame->id, 'turn' => null]) }}"
                        data-hx-target="#sheet"
                        aria-label="{{ __('setup.tabs_frames.look_at_frame', [
                            'id' => $one->fit->frame->id,
                        ]) }}">{{ __('setup.tabs_frames.look') }}</a></td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($sheet->on->mounted)
    <p class="mt-1 text-sm text-soft">{{ __('setup.tabs_frames.changes_are_counted_from_now_set', [
        'code' => $sheet->on->mounted->code,
        'name' => $sheet->on->mounted->name,
        'code_2' => $sheet->on->mounted->frame?->code ?? __('setup.tabs_frames.no_frame'),
        'driver' => Hakama\Machine\Driver::tryFrom((string) $sheet->on->mounted->driver)?->label(),
    ]) }}</p>
@endif
