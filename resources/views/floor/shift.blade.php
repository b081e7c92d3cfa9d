@use('App\Foundation\Clock\ShopClock')
@use('App\Foundation\Words\Dates')
@use('App\Foundation\Words\Words')
{{-- What one shift tells the next: a page, and one sheet of paper. --}}
<x-layout station="floor" :title="__('floor.shift.title')" :floor="true">
    <x-slot:say>{{ __('floor.shift.since', ['since' => ShopClock::words($report->since)]) }}</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print
            data-key="p">{{ __('floor.shift.print') }} <kbd>p</kbd></button>
        <a class="btn" href="{{ route('floor.board') }}" data-key="b">{{ __('floor.shift.back') }} <kbd>b</kbd></a></p>
    <h1>{{ __('floor.shift.heading', ['now' => Dates::longDayTime(Carbon\CarbonImmutable::now())]) }}</h1>
    <h2 class="mb-1 mt-4">{{ __('floor.shift.machines') }}</h2>
    <table>
        <thead>
            <tr>
                <th>{{ __('floor.shift.machine') }}</th>
                <th>{{ __('floor.shift.batch') }}</th>
                <th>{{ __('floor.shift.stage') }}</th>
                <th class="num">{{ __('floor.shift.done') }}</th>
                <th class="num">{{ __('floor.shift.hooped') }}</th>
                <th>{{ __('floor.shift.ends') }}</th>
                <th>{{ __('floor.shift.next') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($report->board->rows as $row)
                @php $after = $report->next[$row->machine->code] ?? null; @endphp
                <tr>
                    <td><strong>{{ $row->machine->code }}</strong> {{ $row->machine->name }}</td>
                    @if ($row->now === null)
                        <td colspan="5">{{ __('floor.board_rows.nothing_to_do') }}</td>
                    @else
                        <td><strong>{{ $row->batch->code }}</strong> {{ $row->batch->design->name }}</td>
                        <td>{{ Words::say($row->now->stage->label()) }}{{ $row->run->load->haltedBy === null
                            ? '' : ': '.__("floor.event.{$row->run->load->haltedBy->value}") }}</td>
                        <td class="num">{{ $row->run->done }} / {{ $row->run->pieces }}</td>
                        <td class="num">{{ count($row->run->hooped) }}</td>
                        <td>{{ $row->ends === null ? '' : ShopClock::words($row->ends) }}</td>
                    @endif
                    <td>
                        @if ($after !== null)
                            <strong>{{ $after->batch->id }}</strong>
                            {{ __('floor.shift.from_in_frame', [
                                'time' => ShopClock::words(ShopClock::time($after->changeoverStart)),
                                'frame' => $after->batch->equipment->frame,
                            ]) }}
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <h2 class="mb-1 mt-6">{{ __('floor.shift.due') }}</h2>
    @if ($report->due === [])
        <p>{{ __('floor.shift.nothing_due') }}</p>
    @else
        <table>
            <tbody>
                @foreach ($report->due as [$placed, $batch, $kept])
                    <tr>
                        <td><strong>{{ $batch->code }}</strong> {{ $batch->design->name }}</td>
                        <td>{{ $batch->order->number }} {{ $batch->order->customer }}</td>
                        <td>{{ __('floor.shift.due_ends', [
                            'due' => ShopClock::words($batch->order->dueAt()),
                            'ends' => ShopClock::words(ShopClock::time($placed->end())),
                        ]) }}</td>
                        <td class="num">
                            @if ($placed->lateS() > 0)
                                <strong class="now">{{ __('floor.shift.late') }}</strong>
                            @elseif ($kept !== null)
                                {{ App\Shop\Figure::odds($kept) }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($report->short !== [] || $report->people !== [])
        <h2 class="mb-1 mt-6">{{ __('floor.shift.missing') }}</h2>
        <ul class="list-disc ps-5">
            @foreach ($report->people as $one)
                <li>{{ $one }}</li>
            @endforeach
            @foreach ($report->short as $batch)
                <li>{{ __('floor.shift.blanks_short', [
                    'code' => $batch->code, 'count' => $batch->blanksShort(), 'garment' => $batch->setup->garment,
                ]) }}</li>
            @endforeach
        </ul>
    @endif
    <h2 class="mb-1 mt-6">{{ __('floor.shift.trouble') }}</h2>
    @if ($report->trouble === [])
        <p>{{ __('floor.shift.no_trouble') }}</p>
    @else
        <ul class="list-disc ps-5">
            @foreach ($report->trouble as $one)
                <li>{{ __($one->halt === null ? 'floor.shift.spoiled' : 'floor.shift.times', [
                    'machine' => $one->machine,
                    'batch' => $one->batch,
                    'what' => $one->halt === null ? '' : __("floor.event.{$one->halt->value}"),
                    'cause' => $one->cause === null ? __('floor.shift.no_cause') : Words::say($one->cause->label()),
                    'times' => $one->times,
                    'who' => implode(', ', $one->who),
                    'by' => $one->who === [] ? 'no' : 'yes',
                ]) }}</li>
            @endforeach
        </ul>
    @endif
    @if ($report->said->isNotEmpty() || $report->changes->isNotEmpty())
        <h2 class="mb-1 mt-6">{{ __('floor.shift.said') }}</h2>
        <ul class="list-disc ps-5">
            @foreach ($report->said as $one)
                <li>{{ Dates::time($one->recorded_at) }} <strong>{{ $one->who === '' ? __('floor.shift.somebody') : $one->who }}</strong>, {{ $one->machine->code }},
                    {{ $one->batch->code }}: “{{ $one->reason }}”</li>
            @endforeach
            @foreach ($report->changes as $one)
                <li>{{ Dates::time($one->made_at) }} <strong>{{ $one->who === '' ? __('floor.shift.somebody') : $one->who }}</strong>,
                    <x-change-thing :change="$one" />: {{ $one->what }}</li>
            @endforeach
        </ul>
    @endif
</x-layout>
