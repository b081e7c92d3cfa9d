@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $open = $proposal->state === 'ready' && $comparison->moves->count() > 0;
    $inForce = $words === '' ? __('plan.comparison.current') : __('plan.comparison.current_after_that');
    $hours = static fn(float $minutes) => App\Shop\Figure::words($minutes / 60, 1);
    $keys = ['mended' => 'm', 'kept' => 'e', 'paper' => 'p', 'found' => 'e'];
    $row = static fn(string $name, Hakama\Plan\Totals $t, Hakama\Plan\Odds\Odds $odds, float $beyondS) => [
        $name,
        $t->lateBatches,
        $hours($t->weightedLateMin),
        $hours($t->changeoverMin),
        App\Shop\Figure::words($odds->keptOnAverage(), 1),
        $t->threadChanges,
        $t->frameChanges,
        $t->driverChanges,
        $hours($beyondS / 60),
    ];
@endphp
<section class="mb-4" aria-labelledby="answer">
    <h2 id="answer" class="mb-1 text-xl">{{ $proposal->isForMending() && ! $open
        ? __('plan.proposal.nothing_to_mend') : $comparison->answer() }}</h2>
    <p>
        @if ($comparison->becomeLate() !== [])
            <span class="now">{{ __('plan.comparison.now_late', [
                'value' => App\Foundation\Words\Words::some(array_map(
                    static fn($b) => __('plan.comparison.batch_for', ['code' => $b->code, 'customer' => $b->order->customer]),
                    $comparison->becomeLate(),
                ), 8),
            ]) }}</span>
        @else
            {{ __('plan.comparison.no_order_becomes_late') }}
        @endif
        @if ($comparison->areSaved() !== [])
            {{ __('plan.comparison.on_time_again', [
                'value' => App\Foundation\Words\Words::some(array_map(static fn($b) => $b->code, $comparison->areSaved()), 8),
            ]) }}
        @endif
        {{ $comparison->toChange() }}
        @if ($comparison->movedThoughPrepared() !== [])
            {{ __('plan.comparison.moved_although_prepared', [
                'value' => App\Foundation\Words\Words::some(array_map(
                    static fn(array $one) => __('plan.comparison.from_to', ['code' => $one[0]->code, 'from' => $one[1], 'to' => $one[2]]),
                    $comparison->movedThoughPrepared(),
                ), 8),
            ]) }}
        @endif
        @if ($version !== $proposal->version)
            {{ __('plan.comparison.the_current_plan_changed_after_this') }}
        @endif
    </p>
    @if ($proposal->weighed !== null)
        <table class="mt-3 max-w-[50em]">
            <caption class="sr-only">{{ __('plan.weighed.caption') }}</caption>
            <thead>
                <tr>
                    <th>{{ __('plan.weighed.plan') }}</th>
                    <th class="num">{{ __('plan.weighed.promises') }}</th>
                    <th class="num">{{ __('plan.weighed.on_average') }}</th>
                    <th class="num">{{ __('plan.weighed.on_paper') }}</th>
                    <th class="num">{{ __('plan.weighed.moved') }}</th>
                    <th><span class="sr-only">{{ __('plan.weighed.look') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($proposal->weighed as $name => $one)
                    <tr @class(['font-semibold' => $name === $which])>
                        <td>{{ __("plan.weighed.{$name}") }}</td>
                        <td class="num">{{ $one['kept'] === null ? '' : App\Shop\Figure::words($one['kept'], 1) }}</td>
                        <td class="num">{{ $one['expected'] === null ? '' : App\Shop\Figure::words($one['expected']) }}</td>
                        <td class="num">{{ App\Shop\Figure::words($one['cost']) }}</td>
                        <td class="num">{{ $moved[$name] }}</td>
                        <td class="num">
                            @if ($name === $which)
                                {{ __('plan.weighed.shown') }}
                            @else
                                <a href="{{ route('plan.proposal', [$proposal, 'plan' => $name]) }}" data-key="{{ $keys[$name] }}"
                                    data-does="{{ __("plan.weighed.look_at_{$name}") }}">{{ __("plan.weighed.look_at_{$name}") }} <kbd>{{ $keys[$name] }}</kbd></a>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-because :about="__('plan.weighed.how')">{{ __('plan.weighed.replayed') }}</x-because>
    @endif
    @if ($proposal->state === 'ready')
        <div class="mt-3 flex flex-wrap gap-3">
            @if ($open)
                <button type="submit" class="btn btn-main" form="take" name="whole" value="1"
                    data-key="t">{{ __('plan.comparison.use_this_plan') }} <kbd>t</kbd></button>
                <a class="btn" href="#moves" data-key="c">{{ __('plan.comparison.choose_batches') }} <kbd>c</kbd></a>
            @endif
            @if ($proposal->isForMending())
                <button type="submit" class="btn" form="search" data-key="f">{{ __('plan.sheet.find_a_better_plan') }} <kbd>f</kbd></button>
            @endif
            <button type="submit" class="btn" form="leave" data-key="v">{{ $words === ''
                ? __('plan.comparison.keep_the_current_plan') : __('plan.comparison.discard') }} <kbd>v</kbd></button>
        </div>
        <form id="leave" method="post" action="{{ route('plan.leave', $proposal) }}">@csrf @method('delete')</form>
        <form id="search" method="post" action="{{ route('plan.propose') }}">@csrf</form>
    @endif
</section>
<x-lane-pages :page="$chart->page" :to="static fn(array $changed): string => request()->fullUrlWithQuery($changed)" />
<figure class="mb-4">
    <figcaption class="text-sm text-soft">{{ __('plan.comparison.proposed') }}</figcaption>
    @include('plan.chart', ['live' => false])
</figure>
<details class="mb-5">
    <summary data-key="n" data-does="{{ __('plan.comparison.show_the_current_plan') }}">{{ __('plan.comparison.show_the_current_plan') }}
        <kbd>n</kbd></summary>
    @include('plan.chart', ['live' => false, 'chart' => $chartNow, 'pattern' => '-n'])
</details>
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
<form id="take" method="post" action="{{ route('plan.take', $proposal) }}" class="mt-4">@csrf<input type="hidden"
        name="version" value="{{ $version }}">@if ($which !== null)<input type="hidden" name="plan" value="{{ $which }}">@endif
    <h2 id="moves" class="mb-1">{{ __('plan.comparison.batches') }}</h2>
    <x-wrong field="codes" />
    <div class="relative overflow-x-auto">
        <table>
            <thead>
                <tr>
                    @if ($open)
                        <th>{{ __('plan.comparison.use') }}</th>
                    @endif
                    <th>{{ __('plan.comparison.batch') }}</th>
                    <th>{{ __('plan.comparison.item') }}</th>
                    <th>{{ __('plan.comparison.on') }}</th>
                    <th>{{ __('plan.comparison.ends') }}</th>
                    <th>{{ __('plan.comparison.due') }}</th>
                    <th title="{{ __('plan.comparison.room_is') }}">{{ __('plan.comparison.room') }}</th>
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
                            {{ App\Foundation\Clock\ShopClock::words($batch->order->dueAt()) }}@if ($after && $after->lateS() > 0)
                                <span class="now">{{ __('plan.comparison.late') }}</span>
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ isset($comparison->room[$batch->code]) ? App\Foundation\Clock\ShopClock::span($comparison->room[$batch->code]) : '' }}
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
        <p class="mt-3"><button type="submit" class="btn" data-key="a">{{ __('plan.comparison.use_ticked_batches') }}
                <kbd>a</kbd></button></p>
    @endif
</form>
<h2 class="mb-1 mt-6">{{ __('plan.comparison.in_figures') }}</h2>
<div class="relative overflow-x-auto">
    <table>
        <thead>
            <tr>
                <th>{{ __('plan.comparison.plan') }}</th>
                <th class="num">{{ __('plan.comparison.late_batches') }}</th>
                <th class="num">{{ __('plan.comparison.late_h') }}</th>
                <th class="num">{{ __('plan.comparison.changeover_h') }}</th>
                <th class="num" title="{{ __('plan.comparison.expected_on_time_batches_of', [
                    'batches' => count($comparison->oddsThen->batches),
                ]) }}">{{ __('plan.comparison.on_time') }}</th>
                <th class="num">{{ __('plan.comparison.threads') }}</th>
                <th class="num">{{ __('plan.comparison.frames') }}</th>
                <th class="num">{{ __('plan.comparison.drivers') }}</th>
                <th class="num" title="{{ __('plan.comparison.minutes_in_which_more_people_are') }}">{{ __('plan.comparison.short_of_people_h') }}</th>
            </tr>
        </thead>
        <tbody>
            @php
                $rows = [
                    $row(__('plan.comparison.in_order_of_arrival'), $comparison->booked->totals, $comparison->oddsBooked,
                        $comparison->beyondS($comparison->booked)),
                    $row($inForce, $comparison->now->totals, $comparison->oddsNow, $comparison->beyondS($comparison->now)),
                    $row(__('plan.comparison.proposed'), $comparison->then->totals, $comparison->oddsThen,
                        $comparison->beyondS($comparison->then)),
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
</div>
<x-because :about="__('plan.comparison.how_its_calculated')">
    @if ($proposal->isForMending())
        {{ __('plan.comparison.mended_with_few_moves', ['moves' => $most]) }}
    @elseif ($proposal->isProven())
        {{ __('plan.comparison.proven_no_plan_costs_less') }}
    @else
        {{ __('plan.comparison.steps_searched_seed_no_plan_can', [
            'done' => App\Shop\Figure::words($proposal->done),
            'searchers' => $proposal->searchers,
            'seed' => $proposal->seed,
            'bound' => App\Shop\Figure::words($proposal->bound ?? 0, 1),
            'still_to_save' => App\Shop\Figure::words($proposal->stillToSave()),
            'cost' => App\Shop\Figure::words($proposal->cost ?? 0),
        ]) }}
    @endif
    {{ __('plan.comparison.points', ['parts' => $comparison->points()]) }}</x-because>
