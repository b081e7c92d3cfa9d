<table>
    <thead>
        <tr>
            <th>Machine</th>
            <th>Can it</th>
            <th>To be minded there</th>
            <th><span class="sr-only">Ask of it alone</span></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->on->machines as $one)
            <tr @class(['font-semibold' => $sheet->on->onMachine === $one->machine->code])>
                <td>{{ $one->machine->code }} {{ $one->machine->name }}</td>
                <td>{!! $one->verdict === 'stop' ? '<span class="now">no</span>' : 'yes' !!}</td>
                <td class="text-sm font-normal">
                    @foreach ($one->own as $warning)
                        {{ $warning->text }}
                    @endforeach
                </td>
                <td class="num"><button type="button" class="btn btn-small"
                        hx-get="{{ $at(['machine' => $sheet->on->onMachine === $one->machine->code
                            ? 'any' : $one->machine->code]) }}"
                        hx-target="#sheet"
                        aria-label="{{ $sheet->on->onMachine === $one->machine->code
                            ? 'Ask of all machines again' : "Ask of {$one->machine->code} alone" }}">{{
                            $sheet->on->onMachine === $one->machine->code ? 'All' : 'Ask' }}</button>
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
