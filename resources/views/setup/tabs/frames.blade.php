            <table>
    <thead>
        <tr>
            <th>Frame</th>
            <th>Fits</th>
            <th class="num">Clear, mm</th>
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
                    : ($one->goesIn
                        ? '<span class="now">no</span>'
                        : '<span class="now">does not go in</span>') !!}</td>
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
