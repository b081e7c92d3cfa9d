@if (count($sheet->waysIn()) > 1)
    <table class="mb-4" id="ways-in">
        <caption class="sr-only">Ways in, best first</caption>
        <thead>
            <tr>
                <th>Way in</th>
                <th>Goes</th>
                <th class="num">Hoopings</th>
                <th class="num">Hands, min a piece</th>
                <th>Why</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($sheet->waysIn() as $way)
                <tr>
                    <td>{{ ucfirst($way->way->access->label()) }} on the {{ $way->way->driver->value }} driver</td>
                    <td>@if ($way->works())
                            yes
                        @else
                            <span class="now">no</span>
                        @endif
                    </td>
                    <td class="num">{{ $way->best->fit->times() }}</td>
                    <td class="num">{{ number_format($way->handsS / 60, 1) }}</td>
                    <td class="text-sm">{{ $way->because($units) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<table>
    <thead>
        <tr>
            <th>Frame</th>
            <th>Fits</th>
            <th class="num">Clear, {{ $units->label() }}</th>
            <th>Way up</th>
            <th>To change</th>
            <th><span class="sr-only">Look at it</span></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->ranked() as $one)
            <tr @class(['font-semibold' => $fit?->frame->id === $one->fit->frame->id])>
                <td>{{ $one->fit->frame->id }} <span
                        class="text-sm font-normal text-soft">{{ $one->fit->frame->kind->value }},
                        {{ $one->fit->frame->count }} here</span></td>
                <td>{!! $one->fits()
                    ? 'yes'
                    : match (true) {
                        ! $one->goesIn() => '<span class="now">does not go in</span>',
                        ! $one->liesOn() => '<span class="now">hangs over the edge</span>',
                        default => '<span class="now">no</span>',
                    } !!}</td>
                <td class="num">{{ $mm($one->fit->clearMm) }}</td>
                <td class="tabular-nums">{{ $one->fit->turn->value }}°</td>
                <td>{{ $one->change->label() }}</td>
                <td class="num"><button type="button" class="btn btn-small"
                        hx-get="{{ $at(['frame' => $one->fit->frame->id, 'turn' => null]) }}"
                        hx-target="#sheet"
                        aria-label="Look at frame {{ $one->fit->frame->id }}">Look</button></td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($sheet->on->mounted)
    <p class="mt-1 text-sm text-soft">Changes are counted from {{ $sheet->on->mounted->code }}
        {{ $sheet->on->mounted->name }}, which stands with {{ $sheet->on->mounted->frame?->code ?? 'no frame' }}
        on the {{ $sheet->on->mounted->driver }} driver.</p>
@endif
