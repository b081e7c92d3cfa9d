@php
    $decoration = $sheet->decoration;
    $artwork = $decoration->artwork;
    $advice = $sheet->row->advice;
    $choice = $sheet->chosen->choice;
    $fit = $choice?->fit;
    $rows = $sheet->sizes->rows;
    $mm = static fn(float $v) => $units->figure($v, 1);
    $picture = App\Setup\SetupDrawing::picture($artwork);
@endphp
<x-layout station="setup" :title="'Setup sheet, ' . $artwork->name">
    <x-slot:say>One page for the workroom. Print it, or go back to change the setup.</x-slot:say>
    <div class="noprint mb-4 flex items-baseline gap-4">
        <h1>Setup sheet</h1>
        <button type="button" class="btn btn-main ml-auto" data-print data-key="p">Print it <kbd>p</kbd></button>
        <a class="btn" href="{{ route('setup.show', $decoration) }}" data-key="b">Back <kbd>b</kbd></a>
    </div>
    <article class="paper" data-printed="{{ route('setup.printed', $decoration) }}">
        <header class="flex items-baseline gap-4 border-b-2 border-ink pb-1"><strong
                class="text-lg">{{ $batch->code ?? 'Not set up yet:' }} {{ $artwork->name }}</strong><span
                class="ml-auto">No. {{ $order->number }}, {{ $order->customer_name }}, due
                {{ $order->due_at->format('D j M H:i') }}</span></header>
        <p class="mt-1">{{ $decoration->line->garmentLabel() }}, {{ $decoration->line->fabricLabel() }}:
            <strong>{{ $decoration->positionLabel() }}</strong>. @foreach ($rows as $row)
                {{ $row->size === Hakama\Garment\Size::One
                    ? '' : $row->size->value . ' ' }}{{ $row->pieces }}{{ $loop->last ? ' pieces.' : ', ' }}
            @endforeach
        </p>
        @foreach ($sheet->warnings() as $warning)
            <p class="mt-1"><strong>{{ $warning->stops ? 'Stop: ' : '' }}{{ $warning->text }}</strong></p>
        @endforeach
        <div class="mt-2 grid grid-cols-[1.1fr_1fr] gap-4">
            <div class="drawings">
                @if ($sheet->row->facts->item->isOnCap() && $sheet->face && $advice->marked)@include('setup.draw.cap')
                @elseif ($advice->marked)
                    <div class="grid grid-cols-2 gap-2">@include('setup.draw.garment',
                        ['turned' => false])@if ($sheet->tube)
                            @include('setup.draw.tube')
                        @elseif ($fit)
                            @include('setup.draw.garment', ['turned' => true])
                        @endif
                    </div>
                @endif
                @if ($fit)
                    <div class="mt-2">@include('setup.draw.frame')</div>
                @endif
            </div>
            <div>
                <dl class="facts">
                    @php
                        $picked = $sheet->chosen->frame;
                        $cut = $sheet->chosen->cut;
                        $set = array_filter([
                            'Frame' => $fit === null ? null : $fit->frame->id
                                . ($picked->holes !== '' ? ", holes {$picked->holes}" : '')
                                . ($picked->label !== '' ? ", pick {$picked->label}" : ''),
                            'Driver' => $fit?->frame->driver->value,
                            'Machine' => $sheet->on->onMachine === null ? null
                                : "{$sheet->on->onMachine}; not for another: steps and turn may differ there",
                            'To it' => $sheet->chosen->shown->loading()->endWords(),
                            'Set' => App\Setup\DecisionRow::turn($sheet->chosen->shown->turnToSet()),
                            'Backing' => $choice === null ? null : $choice->backing->words()
                                . ($cut ? ', ' . $units->size($cut->widthMm, $cut->heightMm) : ''),
                            'Topper' => $choice === null ? null : ($choice->topper ? 'film on top' : 'none'),
                            'Needle' => $choice?->needle->words(),
                            'Thread' => $advice->threadWeight . ' weight',
                            'Speed' => $choice === null ? null : $choice->speedSpm . ' spm',
                        ]);
                    @endphp
                    @foreach ($set as $label => $value)
                        <dt>{{ $label }}</dt>
                        <dd>{{ $value }}</dd>
                    @endforeach
                </dl>
                <p class="mt-1"><strong>Place:</strong> {{ implode('; ', $advice->placement->words($units)) }}.</p>
                @if (count($rows) > 1)
                    <table class="mt-1">
                        <thead>
                            <tr>
                                <th>Size</th>
                                <th class="num">Pieces</th>
                                <th>Way up</th>
                                <th class="num">Down</th>
                                <th class="num">Across</th>
                                <th>Peg</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($rows as $row)
                                <tr>
                                    <td>{{ $row->size->value }}</td>
                                    <td class="num">{{ $row->pieces }}</td>
                                    <td>{{ $row->turns()[0]->value }}°</td>
                                    <td class="num">{{ $units->field($row->placement()->downMm) }}</td>
                                    <td class="num">{{ $units->field($row->placement()->acrossMm) }}</td>
                                    <td>{{ $row->placement()->peg }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
                @if ($sheet->tube)
                    <p class="mt-1"><strong>Along the tube:</strong>
                        @foreach ($sheet->tube->hoopings->hoopings as $i => $hooping)
                            {{ $i + 1 }}: mark at {{ $units->length($hooping->markMm) }}
                            ({{ implode(', ', array_column($hooping->motifs, 'name')) }});
                        @endforeach from the {{ $sheet->tube->end }}.
                    </p>
                @endif
                @foreach ($decoration->setup->departures ?? [] as $one)
                    <p class="mt-1"><strong>Against the advice,</strong> {{ $one['about'] }}: {{ $one['chosen'] }}
                        instead of {{ $one['advised'] }}. {{ $one['why'] }}</p>
                @endforeach
            </div>
        </div>
        <div class="steps-two mt-2">
            @foreach (collect($sheet->chosen->shown->steps)->groupBy(static fn($step) => $step->stage->value) as $stage => $steps)
                <p class="stage">{{ Hakama\Setup\Notes\WorkStage::from($stage)->label() }}</p>
                <ul>
                    @foreach ($steps as $step)
                        <li>☐ {{ $step->text }}</li>
                    @endforeach
                </ul>
            @endforeach
        </div>
        <p class="cautions mt-1 border-t border-ink pt-1">
            @foreach ($sheet->chosen->shown->cautions as $caution)
                {{ $caution->text }}
            @endforeach The machine’s manual, local codes and trained people decide.
        </p>
    </article>
</x-layout>
