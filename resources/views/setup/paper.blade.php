@use('App\Foundation\Words\Words')
@use('App\Foundation\Words\Dates')
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
<x-layout station="setup" :title="__('setup.paper.setup_sheet', ['name' => $artwork->name])">
    <x-slot:say>{{ __('setup.paper.one_page_for_the_workroom_print') }}</x-slot:say>
    <div class="noprint mb-4 flex items-baseline gap-4">
        <h1>{{ __('setup.paper.setup_sheet_2') }}</h1>
        <button type="button" class="btn btn-main ms-auto" data-print data-key="p">{{ __('setup.paper.print_it') }} <kbd>p</kbd></button>
        <a class="btn" href="{{ route('setup.show', $decoration) }}" data-key="b">{{ __('setup.paper.back') }} <kbd>b</kbd></a>
    </div>
    <div class="paper" data-printed="{{ route('setup.printed', $decoration) }}">
        <header class="flex items-baseline gap-4 border-b-2 border-ink pb-1"><strong
                class="text-lg">{{ $batch->code ?? __('setup.paper.not_set_up_yet') }} {{ $artwork->name }}</strong><span
                class="ms-auto">{{ __('setup.paper.no_due', [
                    'number' => $order->number,
                    'customer_name' => $order->customer_name,
                    'due_at' => Dates::dayTime($order->due_at),
                ]) }}</span></header>
        <p class="mt-1">{{ $decoration->line->garmentLabel() }}, {{ $decoration->line->fabricLabel() }}:
            <strong>{{ $decoration->positionLabel() }}</strong>. @foreach ($rows as $row)
                {{ $row->size === Hakama\Garment\Size::One
                    ? '' : Words::say($row->size->label()) . ' ' }}{{ $row->pieces }}{{ $loop->last ? ' '.__('setup.paper.pieces') : ', ' }}
            @endforeach
        </p>
        @foreach ($sheet->warnings() as $warning)
            <p class="mt-1"><strong>{{ $warning->stops ? __('setup.paper.stop').' ' : '' }}{{ $warning->text }}</strong></p>
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
                            __('setup.paper.frame') => $fit === null ? null : $fit->frame->id
                                . ($picked->holes !== '' ? __('setup.paper.holes', ['holes' => $picked->holes]) : '')
                                . ($picked->label !== '' ? __('setup.paper.pick', ['label' => $picked->label]) : ''),
                            __('setup.paper.driver') => $fit?->frame->driver->value,
                            __('setup.paper.machine') => $sheet->on->onMachine === null ? null
                                : __('setup.paper.only_steps_and_turn_may_differ', [
                                    'on_machine' => $sheet->on->onMachine,
                                ]),
                            __('setup.paper.loads_first') => $sheet->chosen->shown->loading()->endWords(),
                            __('setup.paper.rotate') => App\Setup\DecisionRow::turn($sheet->chosen->shown->turnToSet()),
                            __('setup.paper.backing') => $choice === null ? null : App\Foundation\Words\Words::say($choice->backing->words())
                                . ($cut ? ', ' . $units->size($cut->widthMm, $cut->heightMm) : ''),
                            __('setup.paper.topper') => $choice === null ? null : ($choice->topper ? __('setup.paper.film_on_top') : __('setup.paper.none')),
                            __('setup.paper.needle') => $choice?->needle->label(),
                            __('setup.paper.thread') => __('setup.paper.thread_weight', [
                                'weight' => $advice->threadWeight,
                            ]),
                            __('setup.paper.speed') => $choice === null ? null : $choice->speedSpm . ' spm',
                        ]);
                    @endphp
                    @foreach ($set as $label => $value)
                        <dt>{{ $label }}</dt>
                        <dd>{{ $value }}</dd>
                    @endforeach
                </dl>
                <p class="mt-1"><strong>{{ __('setup.paper.position') }}</strong> {{ $advice->placement->words($units) }}.</p>
                @if (count($rows) > 1)
                    <table class="mt-1">
                        <thead>
                            <tr>
                                <th>{{ __('setup.paper.size') }}</th>
                                <th class="num">{{ __('setup.paper.pieces_2') }}</th>
                                <th>{{ __('setup.paper.way_up') }}</th>
                                <th class="num">{{ __('setup.paper.down') }}</th>
                                <th class="num">{{ __('setup.paper.across') }}</th>
                                <th>{{ __('setup.paper.peg') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($rows as $row)
                                <tr>
                                    <td>{{ $row->size->label() }}</td>
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
                    <p class="mt-1"><strong>{{ __('setup.paper.along_the_tube') }}</strong>
                        @foreach ($sheet->tube->hoopings->hoopings as $i => $hooping)
                            {{ __('setup.paper.mark_at', [
                                'i' => $i + 1,
                                'length' => $units->length($hooping->markMm),
                                'value' => implode(', ', array_column($hooping->motifs, 'name')),
                            ]) }}
                        @endforeach {{ __('setup.paper.from_the', ['end' => $sheet->tube->end]) }}
                    </p>
                @endif
                @foreach ($decoration->setup->departures ?? [] as $one)
                    <p class="mt-1"><x-said key="setup.paper.instead_of" :with="[
                        'about' => $one['about'],
                        'chosen' => App\Foundation\Words\KeptText::said($one['chosen']),
                        'advised' => App\Foundation\Words\KeptText::said($one['advised']),
                        'why' => $one['why'],
                    ]"><x-slot:strong><strong>{{ __('setup.paper.override') }}</strong></x-slot:strong></x-said></p>
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
            @endforeach {{ __('setup.paper.the_machines_manual_local_codes_and') }}
        </p>
    </div>
</x-layout>
