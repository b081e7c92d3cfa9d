@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $to = static fn(array $changed) => route(
        'plan.show',
        array_filter([
            'zoom' => $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? null : $chart->axis->zoom->value,
            'day' => $chart->axis->offset ?: null,
            'part' => $chart->page->number ?: null,
            ...$changed,
        ]),
    );
@endphp
<div id="plan" data-moves="{{ route('plan.moves') }}" data-consequence="{{ route('plan.consequence') }}"
    data-version="{{ $version }}" data-day="{{ $chart->axis->offset }}" data-zoom="{{ $chart->axis->zoom->value }}" data-part="{{ $chart->page->number }}"
    data-token="{{ csrf_token() }}" data-focus="{{ $focus }}">
    @if ($problem)
        <p class="note note-now mb-3" role="alert">{{ $problem }}</p>
    @endif
    <div class="mb-3 flex flex-wrap items-center gap-3">
        @if ($chart->axis->offset > 0)
            <a class="btn" href="{{ $to(['day' => $chart->axis->offset - 1]) }}"
                data-key="p">{{ $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? __('plan.sheet.day_before') : __('plan.sheet.before') }}
                <kbd>p</kbd></a>
        @endif
        <h1 class="text-lg">{{ $chart->axis->title() }}</h1>
        <a class="btn" href="{{ $to(['day' => $chart->axis->offset + 1]) }}"
            data-key="n">{{ $chart->axis->zoom === App\Plan\Chart\Zoom::Day ? __('plan.sheet.day_after') : __('plan.sheet.later') }}
            <kbd>n</kbd></a>
        <div class="flex gap-1" role="group" aria-label="{{ __('plan.sheet.days_shown') }}">
            @foreach (App\Plan\Chart\Zoom::cases() as $one)
                <a href="{{ $to(['zoom' => $one->value, 'day' => null]) }}"
                    @if ($one === $chart->axis->zoom) aria-current="true" @endif
                        @class(['btn btn-small', 'btn-main' => $one === $chart->axis->zoom])
                    data-key="{{ ['hour' => 'h', 'day' => 'd', 'week' => 'w'][$one->value] }}"
                    data-does="{{ __('plan.sheet.show', ['one' => strtolower($one->label())]) }}">{{ $one->label() }}
                    <kbd>{{ ['hour' => 'h', 'day' => 'd', 'week' => 'w'][$one->value] }}</kbd></a>
            @endforeach
        </div>
        <x-lane-pages :page="$chart->page" :to="$to" />
        <nav class="tabs ms-auto" aria-label="{{ __('plan.sheet.plan_pages') }}"><a href="{{ route('plan.ask') }}" data-key="q"
                data-does="{{ __('plan.sheet.what_if') }}">{{ __('plan.sheet.questions') }} <kbd>q</kbd></a><a href="{{ route('plan.calendar') }}"
                data-key="k" data-does="{{ __('plan.sheet.days_off_downtime_calendars') }}">{{ __('plan.sheet.calendar') }} <kbd>k</kbd></a></nav>
        <form method="post" action="{{ route('plan.undo') }}">@csrf<input type="hidden" name="version"
                value="{{ $version }}"><button type="submit" class="btn" data-key="z" data-does="{{ __('plan.sheet.undo_the_last_change') }}">{{ __('plan.sheet.undo') }}
                <kbd>z</kbd></button></form>
        <form method="post" action="{{ route('plan.propose') }}">@csrf<button type="submit" class="btn btn-main" data-key="f">{{ __('plan.sheet.find_a_better_plan') }} <kbd>f</kbd></button></form>
    </div>
    @if ($late !== [] || $board->unplanned() !== [] || $timetable->unplaced !== [])
        <form method="post" action="{{ route('plan.propose') }}" class="mb-2 flex flex-wrap items-center gap-3">@csrf<input type="hidden" name="mend" value="1">
            <button type="submit" class="btn btn-small" data-key="m">{{ __('plan.sheet.mend_the_plan') }} <kbd>m</kbd></button>
            <span class="text-sm text-soft">{{ __('plan.sheet.mend_says', ['moves' => $most, 'frozen' => $frozen]) }}</span></form>
    @endif
    @if ($people !== [])
        <p class="mb-1 text-sm">{{ implode('; ', $people) }}.</p>
    @endif
    @foreach ($short as [$one, $skill, $who])
        <p class="mb-1 text-sm">
            @if ($one->waiting !== [])
                {{ __('plan.sheet.batches_wait_for_somebody_who_may', [
                    'count' => count($one->waiting),
                    'skill' => $skill,
                    'code' => $one->waiting[0]->batch->id,
                    'time' => App\Foundation\Clock\ShopClock::words($at($one->waiting[0]->changeoverStart)),
                ]) }}
            @endif
            @if ($one->never !== [])
                {{ __('plan.sheet.nobody_who_may_is_in_long_enough', ['skill' => $skill, 'codes' => implode(', ', $one->never)]) }}
            @endif
            @if ($who !== null)
                {{ __('plan.sheet.has_practised_most', ['who' => $who]) }}
            @endif
        </p>
    @endforeach
    <p id="consequence" class="mb-2 min-h-6 text-sm" role="status">{{ $said }}</p>
    @include('plan.chart', ['live' => true])
    <p class="my-3 text-sm text-soft">{{ __('plan.sheet.striped_changeover_shaded_hooping_of_the') }} <kbd class="ms-0">{{ __('plan.sheet.shift') }}</kbd> {{ __('plan.sheet.with_an_arrow_key_enter_on') }}</p>
    <p class="mb-3"><a class="btn btn-small" href="{{ route('plan.days', array_filter(['zoom' => $chart->axis->zoom->value, 'day' => $chart->axis->offset])) }}" data-key="o">{{ __('plan.sheet.print_a_page_a_day') }} <kbd>o</kbd></a></p>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
        <table>
            <caption class="sr-only">{{ __('plan.sheet.all_planned_batches') }}</caption>
            <thead>
                <tr>
                    <th>{{ __('plan.sheet.batch') }}</th>
                    <th>{{ __('plan.sheet.design') }}</th>
                    <th>{{ __('plan.sheet.on') }}</th>
                    <th class="num">{{ __('plan.sheet.changeover') }}</th>
                    <th>{{ __('plan.sheet.starts') }}</th>
                    <th>{{ __('plan.sheet.ends') }}</th>
                    <th>{{ __('plan.sheet.due') }}</th>
                    <th>{{ __('plan.sheet.on_time') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shown as $placed)
                    @php $b = $board->batches()[$placed->batch->id]; @endphp
                    <tr>
                        <td class="font-semibold"><a
                                href="{{ route('plan.why', $b->code) }}">{{ $b->code }}</a>{{ $b->queued->fixedAt
                                    ? ' '.__('plan.sheet.fixed') : '' }}
                        </td>
                        <td>{{ $b->design->name }}, {{ $b->left }} × {{ $b->setup->garment }}</td>
                        <td>{{ $placed->machine }}</td>
                        <td class="num">{{ App\Shop\Figure::words($placed->changeoverS / 60, 1) }} min</td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ App\Foundation\Clock\ShopClock::words($at($placed->start())) }}@if ($b->heldUntil() !== null)
                                <span class="block text-sm text-soft">{{ __('plan.sheet.blanks_come', [
                                    'at' => App\Foundation\Clock\ShopClock::words($at($b->heldUntil())),
                                ]) }}</span>
                            @endif
                            @if ($b->awaited !== null)
                                <span class="block text-sm text-soft">{{ __('plan.sheet.material_comes', [
                                    'what' => $b->awaited->what,
                                    'at' => App\Foundation\Clock\ShopClock::words($at($b->awaited->at)),
                                ]) }}</span>
                            @endif</td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($b->blanksShort() > 0)
                                <span class="now">{{ __('plan.sheet.once_blanks_arrive', [
                                    'blanks_short' => $b->blanksShort(),
                                ]) }}</span>
                            @else
                                {{ App\Foundation\Clock\ShopClock::words($at($placed->end())) }}
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums">
                            @if ($placed->lateS() > 0)
                                <span class="now">{{ __('plan.sheet.late', [
                                    'due_at' => App\Foundation\Clock\ShopClock::words($b->order->dueAt()),
                                ]) }}</span>@else{{ App\Foundation\Clock\ShopClock::words($b->order->dueAt()) }}
                            @endif
                        </td>
                        <td class="whitespace-nowrap tabular-nums"><x-odds :of="$odds->batches[$b->code] ?? null"
                            /></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div>
            <dl class="facts">
                <dt>{{ __('plan.sheet.changeover_all_machines') }}</dt>
                <dd>{{ App\Shop\Figure::words($timetable->totals->changeoverMin, 0) }} min</dd>
                <dt>{{ __('plan.sheet.driver_frame_thread_changes') }}</dt>
                <dd>{{ $timetable->totals->driverChanges }}, {{ $timetable->totals->frameChanges }},
                    {{ $timetable->totals->threadChanges }}</dd>
                <dt>{{ __('plan.sheet.late_batches') }}</dt>
                <dd>{{ $timetable->totals->lateBatches }}</dd>
                <dt>{{ __('plan.sheet.expected_on_time_rate') }}</dt>
                <dd>{{ __('common.counts.of', [
                    'some' => App\Shop\Figure::words($odds->keptOnAverage(), 1),
                    'all' => count($odds->batches),
                ]) }}</dd>
                <dt>{{ __('plan.sheet.people_needed') }}</dt>
                <dd>{{ $chart->hands->words() }}</dd>
            </dl>
            <form method="post" action="{{ route('plan.due') }}" class="my-3">@csrf<input type="hidden"
                    name="version" value="{{ $version }}"><button type="submit" class="btn" data-key="u">{{ __('plan.sheet.plan_again_by_due_date') }} <kbd>u</kbd></button></form>
            <x-because :about="__('plan.sheet.how_times_are_calculated')"><x-said key="plan.sheet.each_batch_starts_with_its_changeover">
                <x-slot:link><a href="/shop#load_min">{{ __('plan.sheet.shop') }}</a></x-slot:link></x-said></x-because>
            <x-because :about="__('plan.sheet.how_odds_are_calculated')"><x-said key="plan.sheet.the_plan_is_replayed_times_with" :with="[
                'runs' => $odds->runs,
                'odds_from' => $oddsFrom,
            ]">
                <x-slot:link><a href="/shop#spread_sewing_percent">{{ __('plan.sheet.shop') }}</a></x-slot:link></x-said></x-because>
            @if ($board->unplanned() !== [] || $timetable->unplaced !== [])
                <h2 class="mb-1 mt-4">{{ __('plan.sheet.not_on_a_machine') }}</h2>
                <ul>
                    @foreach ($board->unplanned() as $b)
                        <li class="border-b border-hair py-1">{{ __('plan.sheet.no_machine_can_take_it_check', [
                            'code' => $b->code,
                            'name' => $b->design->name,
                        ]) }}</li>
                    @endforeach
                    @foreach ($timetable->unplaced as $u)
                        <li class="border-b border-hair py-1">{{ $u->batch }}: {{ $u->reason }}.</li>
                    @endforeach
                </ul>
            @endif
        </div>
    </div>
</div>
