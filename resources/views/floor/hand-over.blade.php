@use('App\Foundation\Clock\ShopClock')
@use('App\Foundation\Words\Dates')
@use('App\Foundation\Words\Words')
@use('Hakama\Floor\SpoilCause')
{{-- What one shift tells the next: a page, and one sheet of paper. --}}
<x-layout station="floor" :title="__('floor.hand_over.title')">
    <x-slot:say>{{ __('floor.hand_over.since', ['since' => ShopClock::words($handOver->since)]) }}</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print
            data-key="p">{{ __('floor.hand_over.print') }} <kbd>p</kbd></button>
        <a class="btn" href="{{ route('floor.board') }}" data-key="b">{{ __('floor.hand_over.back') }} <kbd>b</kbd></a></p>
    <h1>{{ __('floor.hand_over.heading', ['now' => Dates::longDayTime(Carbon\CarbonImmutable::now())]) }}</h1>
    <h2 class="mb-1 mt-4">{{ __('floor.hand_over.machines') }}</h2>
    <table>
        <thead>
            <tr>
                <th>{{ __('floor.hand_over.machine') }}</th>
                <th>{{ __('floor.hand_over.batch') }}</th>
                <th>{{ __('floor.hand_over.stage') }}</th>
                <th class="num">{{ __('floor.hand_over.done') }}</th>
                <th class="num">{{ __('floor.hand_over.hooped') }}</th>
                <th>{{ __('floor.hand_over.ends') }}</th>
                <th>{{ __('floor.hand_over.next') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($handOver->board->rows as $row)
                @php $after = $handOver->next[$row->machine->code] ?? null; @endphp
                <tr>
                    <td><strong>{{ $row->machine->code }}</strong> {{ $row->machine->name }}</td>
                    @if ($row->now === null)
                        <td colspan="5">{{ __('floor.board_rows.nothing_to_do') }}</td>
                    @else
                        <td><strong>{{ $row->batch->code }}</strong> {{ $row->batch->design->name }}</td>
                        <td>{{ __("floor.hand_over.stages.{$row->now->stage->value}") }}{{ $row->run->load->haltedBy === null
                            ? '' : ': '.__("floor.event.{$row->run->load->haltedBy->value}") }}</td>
                        <td class="num">{{ $row->run->done }} / {{ $row->run->pieces }}</td>
                        <td class="num">{{ count($row->run->hooped) }}</td>
                        <td>{{ $row->ends === null ? '' : ShopClock::words($row->ends) }}</td>
                    @endif
                    <td>
                        @if ($after !== null)
                            <strong>{{ $after->batch->id }}</strong>
                            {{ __('floor.hand_over.from_in_frame', [
                                'time' => ShopClock::words(ShopClock::time($after->changeoverStart)),
                                'frame' => $after->batch->equipment->frame,
                            ]) }}
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <h2 class="mb-1 mt-6">{{ __('floor.hand_over.due') }}</h2>
    @if ($handOver->due === [])
        <p>{{ __('floor.hand_over.nothing_due') }}</p>
    @else
        <table>
            <tbody>
                @foreach ($handOver->due as [$placed, $batch, $kept])
                    <tr>
                        <td><strong>{{ $batch->code }}</strong> {{ $batch->design->name }}</td>
                        <td>{{ $batch->order->number }} {{ $batch->order->customer }}</td>
                        <td>{{ __('floor.hand_over.due_ends', [
                            'due' => ShopClock::words($batch->order->dueAt()),
                            'ends' => ShopClock::words(ShopClock::time($placed->end())),
                        ]) }}</td>
                        <td class="num">
                            @if ($placed->lateS() > 0)
                                <strong class="now">{{ __('floor.hand_over.late') }}</strong>
                            @elseif ($kept !== null)
                                {{ App\Shop\Figure::odds($kept) }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($handOver->short !== [] || $handOver->people !== [])
        <h2 class="mb-1 mt-6">{{ __('floor.hand_over.missing') }}</h2>
        <ul class="list-disc ps-5">
            @foreach ($handOver->people as $one)
                <li>{{ $one }}</li>
            @endforeach
            @foreach ($handOver->short as $batch)
                <li>{{ __('floor.hand_over.blanks_short', [
                    'code' => $batch->code, 'count' => $batch->order->blanksShort, 'garment' => $batch->setup->garment,
                ]) }}</li>
            @endforeach
        </ul>
    @endif
    <h2 class="mb-1 mt-6">{{ __('floor.hand_over.trouble') }}</h2>
    @if ($handOver->trouble->isEmpty())
        <p>{{ __('floor.hand_over.no_trouble') }}</p>
    @else
        <ul class="list-disc ps-5">
            @foreach ($handOver->trouble as $one)
                <li>{{ __('floor.hand_over.times', [
                    'machine' => $one->machine,
                    'batch' => $one->batch,
                    'what' => __("floor.event.{$one->kind}"),
                    'cause' => Words::say(SpoilCause::tryFrom((string) $one->cause)?->label()),
                    'has' => $one->cause === null ? 'no' : 'yes',
                    'times' => (int) $one->times,
                    'who' => (string) $one->who,
                    'by' => (string) $one->who === '' ? 'no' : 'yes',
                ]) }}</li>
            @endforeach
        </ul>
    @endif
    @if ($handOver->said->isNotEmpty() || $handOver->changes->isNotEmpty())
        <h2 class="mb-1 mt-6">{{ __('floor.hand_over.said') }}</h2>
        <ul class="list-disc ps-5">
            @foreach ($handOver->said as $one)
                <li>{{ Dates::time($one->recorded_at) }} <strong>{{ $one->who }}</strong>, {{ $one->machine->code }},
                    {{ $one->batch->code }}: “{{ $one->reason }}”</li>
            @endforeach
            @foreach ($handOver->changes as $one)
                <li>{{ Dates::time($one->made_at) }} <strong>{{ $one->who }}</strong> {{ $one->thing }}: {{ $one->what }}</li>
            @endforeach
        </ul>
    @endif
</x-layout>
