<table>
    <thead>
        <tr>
            <th>{{ __('setup.tabs_machines.machine') }}</th>
            <th>{{ __('setup.tabs_machines.can_do_it') }}</th>
            <th>{{ __('setup.tabs_machines.watch_out_for') }}</th>
            <th><span class="sr-only">{{ __('setup.tabs_machines.check_this_machine_only') }}</span></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->on->machines as $one)
            <tr @class(['font-semibold' => $sheet->on->onMachine === $one->machine->code])>
                <td>{{ $one->machine->code }} {{ $one->machine->name }}</td>
                <td><span @class(['now' => $one->verdict === 'stop'])>{{ $one->verdict === 'stop'
                    ? __('setup.tabs_frames.no') : __('setup.tabs_frames.yes') }}</span></td>
                <td class="text-sm font-normal">
                    @foreach ($one->own as $warning)
                        {{ $warning->text }}
                    @endforeach
                </td>
                @php $to = $at(['machine' => $sheet->on->onMachine === $one->machine->code ? 'any' : $one->machine->code]); @endphp
                <td class="num"><a class="btn btn-small" href="{{ $to }}" data-hx-get="{{ $to }}"
                        data-hx-target="#sheet"
                        aria-label="{{ $sheet->on->onMachine === $one->machine->code
                            ? __('setup.tabs_machines.check_all_machines') : __('setup.tabs_machines.check_only', [
                                'code' => $one->machine->code,
                            ]) }}">{{ $sheet->on->onMachine === $one->machine->code ? __('setup.tabs_machines.all') : __('setup.tabs_machines.check') }}</a>
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
