@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $saved = $comparison->now->totals->changeoverMin - $comparison->then->totals->changeoverMin;
    $threads = $comparison->now->totals->threadChanges - $comparison->then->totals->threadChanges;
    $open = $proposal->state === 'ready' && $comparison->moves() > 0;
    $inForce = $words === '' ? __('plan.comparison.current') : __('plan.comparison.current_after_that');
    $row = static fn(string $name, Hakama\Plan\Timetable $of, Hakama\Plan\Odds\Odds $odds) => [
        $name,
        ...(static fn(Hakama\Plan\Totals $t) => [
            App\Shop\Figure::words($t->cost, 1),
            $t->lateBatches,
            App\Shop\Figure::words($t->weightedLateMin),
            App\Shop\Figure::words($t->changeoverMin),
            $t->threadChanges,
            $t->frameChanges,
            $t->driverChanges,
        ])($of->totals),
        App\Shop\Figure::words($comparison->beyondS($of) / 60),
        App\Shop\Figure::words($odds->keptOnAverage(), 1),
    ];
@endphp
<div class="mb-5 grid grid-cols-1 items-start gap-8 lg:grid-cols-[minmax(0,2.4fr)_minmax(0,1fr)]">
    <table>
        <thead>
            <tr>
                <th>{{ __('plan.comparison.plan') }}</th>
                <th class="num">{{ __('plan.comparison.cost') }}</th>
                <th class="num">{{ __('plan.comparison.late_batches') }}</th>
                <th class="num">{{ __('plan.comparison.late_min') }}</th>
                <th class="num">{{ __('plan.comparison.changeover_min') }}</th>
                <th class="num">{{ __('plan.comparison.threads') }}</th>
                <th class="num">{{ __('plan.comparison.frames') }}</th>
                <th class="num">{{ __('plan.comparison.drivers') }}</th>
                <th class="num" title="{{ __('plan.comparison.minutes_in_which_more_people_are') }}">{{ __('plan.comparison.short_of_hands_min') }}
                </th>
                <th class="num" title="{{ __('plan.comparison.expected_on_time_batches_of', [
                    'batches' => count($comparison->oddsThen->batches),
                ]) }}">{{ __('plan.comparison.on_time') }}</th>
            </tr>
        </thead>
        <tbody>
            @php
                $rows = [
                    $row(__('plan.comparison.in_order_of_arrival'), $comparison->booked, $comparison->oddsBooked),
                    $row($inForce, $comparison->now, $comparison->oddsNow),
                    $row(__('plan.comparison.proposed'), $comparison->then, $comparison->oddsThen),
                ];
            @endphp
            @foreach ($rows as $cells)
                <tr @class(['font-semibold' => $loop->last])>
                    @foreach ($cells as $i => $cell)
                        <td @class(['num' => $i > 0, 'whitespace-nowrap' => $i === 0])>{{ $cell }}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    <div>
        <table class="mb-3">
            <caption class="mb-1 text-left text-sm text-soft">{{ __('plan.comparison.cost_breakdown') }}</caption>
            <thead>
                <tr>
                    <th>{{ __('plan.comparison.part') }}</th>
                    <th class="num">{{ $inForce }}</th>
                    <th class="num">{{ __('plan.comparison.proposed') }}</th>
                </tr>
            </thead>
            <tbody>
                @php
                    $parts = [
                        'late' => __('plan.comparison.lateness'),
                        'changeover' => __('plan.comparison.changeovers'),
                        'flow' => __('plan.comparison.waiting'),
                        'moved' => __('plan.comparison.wasted_preparation'),
                        'walks' => __('plan.comparison.thread_walks'),
                        'beyond' => __('plan.comparison.people_missing'),
                    ];
                @endphp
                @foreach ($parts as $part => $name)
                    @continue($part === 'beyond' && $comparison->now->workload->weights->beyond <= 0.0)
                    <tr>
                        <td>{{ $name }}</td>
                        <td class="num">{{ App\Shop\Figure::words($comparison->now->totals->parts()[$part], 1) }}</td>
                        <td class="num">{{ App\Shop\Figure::words($comparison->then->totals->parts()[$part], 1) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p><x-said key="plan.comparison.thread_changes" :with="[
            'threads' => abs($threads),
            'value' => $threads >= 0 ? __('plan.comparison.fewer') : __('plan.comparison.more'),
        ]"><x-slot:strong><strong>{{ $saved >= 0 ? __('plan.comparison.saves_min_of_changeover', [
            'saved' => (int) round($saved),
        ])
            : __('plan.comparison.adds_min_of_changeover', [
                'value' => (int) round(-$saved),
            ]) }}</strong></x-slot:strong></x-said>
            @if ($comparison->becomeLate() !== [])
                <span class="now">{{ __('plan.comparison.now_late', ['value' => implode(', ', array_map(static fn($b) => "{$b->code} for {$b->order->customer}",
                        $comparison->becomeLate()))]) }}</span>
            @else
                {{ __('plan.comparison.no_order_becomes_late') }}
            @endif
            @if ($comparison->movedThoughPrepared() !== [])
                {{ __('plan.comparison.moved_although_prepared', ['value' => implode(', ', array_map(static fn(array $one) => "{$one[0]->code} from {$one[1]} to {$one[2]}",
                    $comparison->movedThoughPrepared()))]) }}
            @endif
            @if ($comparison->areSaved() !== [])
                {{ __('plan.comparison.on_time_again', [
                    'value' => implode(', ', array_map(static fn($b) => $b->code, $comparison->areSaved())),
                ]) }}
            @endif
        </p>
        <p class="mt-1 text-sm text-soft">
            @if ($proposal->isProven())
                {{ __('plan.comparison.proven_no_plan_costs_less') }}
            @else
                {{ __('plan.comparison.steps_searched_seed_no_plan_can', [
                    'done' => App\Shop\Figure::words($proposal->done),
                    'seed' => $proposal->seed,
                    'bound' => App\Shop\Figure::words($proposal->bound ?? 0, 1),
                    'still_to_save' => App\Shop\Figure::words($proposal->stillToSave()),
                    'cost' => App\Shop\Figure::words($proposal->cost ?? 0),
                ]) }}
            @endif
            @if ($version !== $proposal->version)
                {{ __('plan.comparison.the_current_plan_changed_after_this') }}
            @endif
        </p>
    </div>
</div>
@if ($comparison->messages() !== [])
    <section class="mb-5">
        <h2 class="mb-1">{{ __('plan.comparison.tell_these_customers') }}</h2>
        @foreach ($comparison->messages() as [$order, $text])
            <label for="tell-{{ $order->number }}">{{ __('plan.comparison.no', [
                'customer' => $order->customer,
                'number' => $order->number,
            ]) }}</label>
            <textarea id="tell-{{ $order->number }}" class="mb-2 w-full" rows="2" readonly>{{ $text }}</textarea>
        @endforeach
    </section>
@endif
@include('plan.chart', ['live' => false])
<form method="post" action="{{ route('plan.take', $proposal) }}" class="mt-4">@csrf<input type="hidden"
        name="version" value="{{ $version }}">
    <x-wrong field="codes" />
    <div class="relative overflow-x-auto">
        <table>
            <thead>
                <tr>
                    @if ($open)
                        <th>{{ __('plan.comparison.use') }}</th>
                    @endif
                    <th>
                        {{ __('plan.comparison.batch') }}</th>
                    <th>{{ __('plan.comparison.item') }}</th>
                    <th>{{ __('plan.comparison.on') }}</th>
                    <th>{{ __('plan.comparison.ends') }}</th>
                    <th>{{ __('plan.comparison.due') }}</th>
                    <th>{{ __('plan.comparison.on_time') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($comparison->rows as [$batch, $before, $after, $moves])
                    <tr>
                        @if ($open)
                            <td>
                                @if ($moves)
                                    <label class="m-0 flex items-center"><input type="checkbox" name="codes[]"
                                            value="{{ $batch->code }}" checked><span class="sr-only">{{ __('plan.comparison.use_2', [
                                                'code' => $batch->code,
                                            ]) }}</span></label>
                                @endif
                            </td>
                        @endif
                        <td class="font-semibold">{{ $batch->code }}</td>
                        <td>{{ $batch->design->name }}, {{ $batch->left }} × {{ $batch->setup->garment }}</td>
                        <td class="whitespace-nowrap">
                            {{ $moves ? ($before === null ? __('plan.comparison.not_planned') : $before->machine) . ' → '
                                : '' }}{{ $after->machine ?? __('plan.comparison.not_planned') }}{{ $moves ? '' : __('plan.comparison.stays') }}
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ $before && $after && $before->end() !== $after->end()
                                ? App\Foundation\Clock\ShopClock::words($at($before->end())) . ' → ' : '' }}{{ $after
                                ? App\Foundation\Clock\ShopClock::words($at($after->end())) : '' }}
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ App\Foundation\Clock\ShopClock::words($batch->order->dueAt) }}@if ($after && $after->lateS() > 0)
                                <span class="now">{{ __('plan.comparison.late') }}</span>
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @php [$was, $is] = [$comparison->oddsNow->batches[$batch->code]
                                ?? null, $comparison->oddsThen->batches[$batch->code] ?? null]; @endphp
                            {{ $was && $is && abs($was->kept - $is->kept) >= 0.01
                                ? App\Shop\Figure::odds($was->kept) . ' → ' : '' }}<x-odds
                                :of="$is" />
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($open)
        <div class="mt-4 flex flex-wrap gap-3">
            <button class="btn btn-main" name="whole" value="1" data-key="t">{{ __('plan.comparison.use_this_plan') }}
                <kbd>t</kbd></button>
            <button class="btn" data-key="a">{{ __('plan.comparison.use_ticked_batches') }} <kbd>a</kbd></button>
        </div>
    @endif
</form>
@if ($proposal->state === 'ready')
    <form method="post" action="{{ route('plan.leave', $proposal) }}" class="mt-3">@csrf @method('delete')<button
            class="btn" data-key="v">{{ $words === '' ? __('plan.comparison.keep_the_current_plan') : __('plan.comparison.discard') }} <kbd>v</kbd></button>
    </form>
@endif
