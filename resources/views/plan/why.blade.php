@use('App\Foundation\Words\Dates')
@use('App\Plan\Queries\Consequence')
@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $next = $options->nextBest();
    $current = $options->current;
    $due = App\Foundation\Clock\ShopClock::seconds($batch->order->dueAt());
@endphp
<x-layout station="plan" :title="__('plan.why.why_is_there', ['code' => $batch->code])">
    <x-slot:say>
        @if ($batch->started)
            {{ __('plan.why.is_running_on_and_stays_until', [
                'code' => $batch->code,
                'machine' => $batch->queued->machine,
            ]) }}
        @elseif ($placed === null)
            <span class="now">{{ __('plan.why.is_not_in_the_plan', ['code' => $batch->code]) }}</span>
        @elseif ($next === null)
            {{ __('plan.why.fits_nowhere_else', ['code' => $batch->code]) }}
        @elseif ($current && $next->costMore > 0.005)
            {{ __('plan.why.best_place', ['code' => $batch->code]) }}
            {{ __('plan.why.next_best', ['better' => Consequence::better($next, $placed)]) }}
        @else
            <span class="now">{{ __('plan.why.better', ['better' => Consequence::better($next, $placed)]) }}</span>
        @endif
    </x-slot:say>
    <x-plan-tabs here="why" :title="$batch->code . ', ' . $batch->design->name" />
    <div id="why">
    @if ($batch->started)
                <p class="note">{{ __('plan.why.a_running_batch_is_not_moved') }}</p>
    @elseif ($shown === [])
                <p class="note note-now"><x-said key="plan.why.no_machine_can_take_it_check"><x-slot:link><a
                        href="{{ route('setup.show', $batch->decorationId) }}">{{ __('plan.why.its_setup') }}</a></x-slot:link></x-said></p>
    @endif
    @if (! $batch->started && $placed && $best !== [])
        <section class="mb-5" aria-label="{{ __('plan.why.best_moves') }}">
            @foreach ($best as $option)
                @php
                    $from = min($placed->changeoverStart, $option->start);
                    $until = max($placed->end(), $option->end, $due);
                    $x = static fn(int $s) => max(0, round(340 * ($s - $from) / max(1, $until - $from), 1));
                @endphp
                <div class="flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-hair py-3">
                    <div class="min-w-0 flex-1 basis-80">
                        <strong>{{ App\Foundation\Words\Words::capital(Consequence::better($option, $placed)) }}</strong>
                        <x-because :about="__('plan.why.on_other_batches')">{{ $words($option) }}</x-because>
                    </div>
                    <svg viewBox="0 0 400 44" width="400" class="max-w-full" role="img"
                        aria-label="{{ __('plan.why.strip', [
                            'now' => App\Foundation\Clock\ShopClock::words($at($placed->end())),
                            'then' => App\Foundation\Clock\ShopClock::words($at($option->end)),
                            'due' => App\Foundation\Clock\ShopClock::words($batch->order->dueAt()),
                        ]) }}">
                        <path d="M0 3.5H340M0 40.5H340" stroke="#d8d0c0" />
                        <rect x="{{ $x($placed->changeoverStart) }}" y="6" width="{{ max(2, $x($placed->end()) - $x($placed->changeoverStart)) }}"
                            height="12" fill="#fffdf8" stroke="#2b3a67" stroke-dasharray="4 3" />
                        <rect x="{{ $x($option->start) }}" y="25" width="{{ max(2, $x($option->end) - $x($option->start)) }}"
                            height="12" fill="#2b3a67" />
                        <path d="M{{ $x($due) }} 0V44" stroke="#c8481f" stroke-width="2" />
                        <text x="346" y="17" font-size="12" fill="#565b68">{{ __('plan.why.now') }}</text>
                        <text x="346" y="36" font-size="12" fill="#1d2433">{{ __('plan.why.then') }}</text>
                        <text x="{{ min(310, $x($due) + 4) }}" y="16" font-size="12" fill="#a83a16">{{ __('plan.why.due_mark') }}</text>
                    </svg>
                    @unless ($batch->queued->fixedAt)
                        <form method="post" action="{{ route('plan.moves') }}">@csrf<input type="hidden" name="batch"
                                value="{{ $batch->code }}"><input type="hidden" name="machine"
                                value="{{ $option->machine }}"><input type="hidden" name="rank"
                                value="{{ $option->rank }}"><input type="hidden" name="version"
                                value="{{ $version }}"><button type="submit" @class(['btn', 'btn-main' => $loop->first && $option->costMore < 0])
                                @if ($loop->first) data-key="m" @endif>{{ __('plan.why.move_it') }} @if ($loop->first)
                                    <kbd>m</kbd>
                                @endif
                            </button></form>
                    @endunless
                </div>
            @endforeach
        </section>
    @endif
    <div class="mb-5 flex flex-wrap items-start gap-3">
            @if ($placed && !$batch->started)
                <form method="post" action="{{ route('plan.fix', $batch->code) }}">@csrf
                    @method('put')<input type="hidden" name="version" value="{{ $version }}"><input
                        type="hidden" name="fixed" value="{{ $batch->queued->fixedAt ? 0 : 1 }}">
                    <button type="submit" class="btn"
                        data-key="x">{{ $batch->queued->fixedAt
                            ? __('plan.why.unfix') : __('plan.why.fix_it_there_at', [
                                'start' => App\Foundation\Clock\ShopClock::words($at($placed->start())),
                            ]) }}
                        <kbd>x</kbd></button>
                </form>
                @if ($batch->queued->fixedAt)
                    <p class="mt-1 text-sm">{{ __('plan.why.fixed_to', [
                        'machine' => $batch->queued->machine,
                        'fixed_at' => Dates::dayTime($batch->queued->fixedAt),
                    ]) }}</p>
                @endif
            @endif
            <div class="flex flex-wrap gap-3"><a class="btn" href="{{ route('plan.show') }}">{{ __('plan.why.back_to_the_plan') }}</a>
                <form method="post" action="{{ route('plan.undo') }}">@csrf<input type="hidden" name="version"
                        value="{{ $version }}"><button type="submit" class="btn" data-key="z"
                        data-does="{{ __('plan.why.undo_the_last_change') }}">{{ __('plan.why.undo') }} <kbd>z</kbd></button></form>
            </div>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section aria-label="{{ __('plan.why.facts') }}">
            <h2 class="mb-1">{{ __('plan.why.facts') }}</h2>
            <dl class="facts">
                <dt>{{ __('plan.why.pieces') }}</dt>
                <dd>{{ $batch->left }} × {{ $batch->setup->garment }}</dd>
                <dt>{{ __('plan.why.customer') }}</dt>
                <dd>{{ $batch->order->customer }}, <a href="{{ route('orders.show', $batch->order->number) }}">{{ __('plan.why.no', [
                    'number' => $batch->order->number,
                ]) }}</a></dd>
                @if ($batch->blanksShort() > 0)
                    <dt>{{ __('plan.why.blanks') }}</dt>
                    <dd class="now"><x-said key="plan.why.short_it_cannot_be_finished_before" :with="[
                        'blanks_short' => $batch->blanksShort(),
                    ]">
                        <x-slot:link><a href="{{ route('ordering.show') }}">{{ __('plan.why.to_order') }}</a></x-slot:link></x-said></dd>
                @endif
                @if ($batch->heldUntil() !== null)
                    <dt>{{ __('plan.why.blanks') }}</dt>
                    <dd><x-said key="plan.why.blanks_come" :with="[
                        'pieces' => $batch->lacking->pieces - $batch->blanksShort(),
                        'at' => App\Foundation\Clock\ShopClock::words($at($batch->heldUntil())),
                    ]">
                        <x-slot:link><a href="{{ route('orders.story', $batch->order->number) }}">{{ __('plan.why.what_to_do') }}</a></x-slot:link></x-said></dd>
                @endif
                @if ($batch->awaited !== null)
                    <dt>{{ __('plan.why.material') }}</dt>
                    <dd><x-said key="plan.why.material_comes" :with="[
                        'what' => $batch->awaited->what,
                        'at' => App\Foundation\Clock\ShopClock::words($at($batch->awaited->at)),
                        'ordered' => $batch->awaited->isOrdered ? 'yes' : 'no',
                    ]">
                        <x-slot:link><a href="{{ route('ordering.show') }}">{{ __('plan.why.to_order') }}</a></x-slot:link></x-said></dd>
                @endif
                <dt>{{ __('plan.why.frame') }}</dt>
                <dd>{{ $batch->batch->equipment->frame }}</dd>
                @if ($placed)
                    <dt>{{ __('plan.why.on') }}</dt>
                    <dd>{{ $placed->machine }}</dd>
                    <dt>{{ __('plan.why.changeover') }}</dt>
                    <dd>{{ __('plan.why.min', ['changeover_start' => App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)), 'changeover_s' => App\Shop\Figure::words($placed->changeoverS / 60, 1), 'value' => $placed->changes->goesOn
                            ? __('plan.why.same_design_continues') : '', 'value_2' => $placed->changes->style
                            ? __('plan.why.strap_set_for_this_cap_style') : '']) }}</dd>
                    @if ($placed->changes->needles > 0)
                        <dt>{{ __('plan.why.needles') }}</dt>
                        <dd>{{ __('plan.why.fit_on', [
                            'needle' => Hakama\Machine\NeedleType::read($batch->batch->equipment->needle)->label(),
                            'needles' => $placed->changes->needles,
                        ]) }}</dd>
                    @endif
                    <dt>{{ __('plan.why.first_load') }}</dt>
                    <dd>{{ App\Foundation\Clock\ShopClock::words($at($placed->start())) }}</dd>
                    <dt>{{ __('plan.why.ends') }}</dt>
                    <dd>{{ App\Foundation\Clock\ShopClock::words($at($placed->end())) }}</dd>
                    <dt>{{ __('plan.comparison.room') }}</dt>
                    <dd>{{ $room === 0 ? __('plan.why.no_room')
                        : __('plan.why.room', ['room' => App\Foundation\Clock\ShopClock::span($room)]) }}</dd>
                    <dt>{{ __('plan.why.finishing') }}</dt>
                    <dd>{{ __('plan.why.min_by_hand_s_a_piece', [
                        'finish_s' => App\Shop\Figure::words(ceil(($finishS * $batch->left) / 60)),
                        'finish_s_2' => App\Shop\Figure::words($finishS),
                    ]) }}</dd>
                @endif
                @if ($odds)
                    <dt>{{ __('plan.why.on_time') }}</dt>
                    <dd><x-odds :of="$odds" /></dd>
                    @foreach (['50' => $odds->endP50, '80' => $odds->endP80, '95' => $odds->endP95] as $cases => $end)
                        <dt>{{ __('plan.why.chance', ['cases' => $cases]) }}</dt>
                        <dd>{{ $end === null ? __('plan.why.after_the_planned_hours')
                            : __('plan.why.by', ['end' => App\Foundation\Clock\ShopClock::words($at($end))]) }}
                        </dd>
                    @endforeach
                    <dt>{{ __('plan.why.promise') }}</dt>
                    <dd>{{ $odds->promise === null
                        ? __('plan.why.none_yet') : App\Foundation\Clock\ShopClock::words($at($odds->promise)) }}</dd>
                    @if ($odds->endangered !== null)
                        <dt>{{ __('plan.why.biggest_risk') }}</dt>
                        <dd>{{ $odds->endangered === $batch->code ? __('plan.why.its_own_time') : $odds->endangered }}</dd>
                    @endif
                @endif
                @if ($unfit !== [])
                    <dt>{{ __('plan.unfit.title') }}</dt>
                    <dd>
                        @foreach ($unfit as $machine => $against)
                            @foreach ($against as $one)
                                <span @class(['block', 'font-semibold' => $placed?->machine === $machine])>{{ __('plan.unfit.said', [
                                    'machine' => $machine,
                                    'minutes' => App\Shop\Figure::words($one->minutes),
                                    'why' => $one->why === null ? '' : App\Foundation\Words\Words::say($one->why),
                                ]) }}</span>
                            @endforeach
                        @endforeach
                    </dd>
                @endif
                <dt>{{ __('plan.why.due') }}</dt>
                <dd>{{ App\Foundation\Clock\ShopClock::words($batch->order->dueAt()) }}{{ $placed && $placed->lateS() > 0
                    ? __('plan.why.late') : '' }}
                </dd>
            </dl>
            @if ($odds)
                <p class="mt-2 text-sm text-soft">{{ $oddsFrom }}</p>
            @endif
        </section>
        <div>
            @if ($odds?->isInDanger)
                <h2 class="mb-1">{{ __('plan.why.what_would_help') }}</h2>
                <ul>
                    @forelse ($helps as [$what, $then])
                        <li class="flex border-b border-hair py-1">{{ $what }}<span
                                class="num ms-auto">{{ App\Shop\Figure::odds($then) }}</span></li>
                    @empty
                        <li class="text-soft">{{ __('plan.why.nothing_would_help_agree_a_later') }}</li>
                    @endforelse
                </ul>
            @endif
            @if ($paying)
                <h2 class="mt-5 mb-1">{{ __('plan.why.on_two_machines') }}</h2>
                @foreach (Consequence::split($paying[0], null, $paying[1]) as $sentence)
                    <p>{{ $sentence }}</p>
                @endforeach
                <form method="post" action="{{ route('plan.split', $batch->code) }}" class="mt-2">@csrf<input type="hidden"
                        name="version" value="{{ $version }}"><input type="hidden" name="pieces" value="{{ $paying[0] }}"><input
                        type="hidden" name="elsewhere" value="1"><button type="submit" class="btn"
                        data-key="a">{{ __('plan.why.run_apart', [
                            'pieces' => $paying[0], 'machine' => $paying[1]->machine,
                        ]) }} <kbd>a</kbd></button></form>
            @endif
            @if ($trial)
                <h2 class="mt-5 mb-1">{{ __('plan.why.scrap_first') }}</h2>
                <p>{{ __('plan.why.about_min_at', ['value' => $trial->isPractice
                    ? __('plan.why.nobody_here_has_sewn_successfully_sew', [
                        'fabric' => $fabric,
                        'pieces' => $trial->pieces,
                    ])
                    : __('plan.why.this_version_was_not_sewn_out', [
                        'fabric' => $fabric,
                    ]), 'minutes' => $trial->minutes, 'machine' => $placed->machine]) }}</p>
                @if ($triedAt)
                    <p class="mt-1">{{ __('plan.why.planned_at_to_log_the_result', [
                        'machine_code' => $triedAt->machine_code,
                        'from_at' => App\Foundation\Clock\ShopClock::words($triedAt->from_at),
                        'to_at' => Dates::time($triedAt->to_at),
                        'value' => $trial->isPractice ? __('plan.why.in_the') : __('plan.why.with_the'),
                    ]) }}
                        @if ($trial->isPractice)
                            <a href="{{ route('setup.practice') }}">{{ __('plan.why.practice_book') }}</a>.
                        @else
                            <a href="{{ route('artwork.history', $batch->design->id) }}">{{ __('plan.why.artwork') }}</a>.
                        @endif
                    </p>
                @else
                    <form method="post" action="{{ route('plan.down') }}" class="mt-2">@csrf<input type="hidden"
                            name="machine" value="{{ $placed->machine }}"><input type="hidden" name="from"
                            value="{{ $at($placed->changeoverStart)->format('Y-m-d H:i') }}"><input type="hidden"
                            name="to"
                            value="{{ $at($placed->changeoverStart)->addMinutes($trial->minutes)->format('Y-m-d H:i')
                                }}"><input
                            type="hidden" name="what" value="{{ $trial->words($batch->code) }}"><button type="submit"
                                class="btn"
                            data-key="t">{{ __('plan.why.plan_it_before_the_batch', [
                                'changeover_start' => App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)),
                            ]) }} <kbd>t</kbd></button></form>
                @endif
            @endif
            @if ($batch->left > 1 || $siblings !== [] || $alike !== [])
                <details class="mt-4" @if ($errors->has('pieces')) open @endif>
                    <summary class="font-semibold" data-key="p"
                        data-does="{{ __('plan.why.split_or_combine') }}">{{ __('plan.why.split_or_combine') }} <kbd>p</kbd></summary>
            @if ($batch->left > 1)
                <form method="post" action="{{ route('plan.split', $batch->code) }}"
                    class="mt-4 flex items-end gap-3">@csrf<input type="hidden" name="version"
                        value="{{ $version }}">
                    <div class="w-28"><label for="pieces">{{ __('plan.why.split_batch') }}</label><input type="text"
                        id="pieces" name="pieces"
                            inputmode="numeric" class="num" data-hx-get="{{ route('plan.splitting', $batch->code) }}"
                            data-hx-trigger="load, input changed delay:250ms" data-hx-target="#splitting"
                                data-hx-swap="innerHTML"
                            value="{{ old('pieces', intdiv($batch->left, 2)) }}"
                            @error('pieces') aria-invalid="true"
                                aria-describedby="wrong-pieces" @enderror></div><button type="submit"
                        class="btn">{{ __('plan.why.split_off_these_pieces') }}</button>
                </form>
                <x-wrong field="pieces" />
                <div id="splitting" class="mt-2 min-h-12 text-sm" role="status"></div>
            @endif
            @if (!$batch->started && !$batch->queued->fixedAt && $alike !== [])
                <h2 class="mt-5 mb-1">{{ __('plan.why.same_design_same_frame') }}</h2>
                @foreach ($alike as $option)
                    <form method="post" action="{{ route('plan.moves') }}" class="mt-2">@csrf<input type="hidden"
                            name="batch" value="{{ $batch->code }}"><input type="hidden" name="machine"
                            value="{{ $option->machine }}"><input type="hidden" name="rank"
                            value="{{ $option->rank }}"><input type="hidden" name="version"
                            value="{{ $version }}"><button type="submit"
                                class="btn">{{ __('plan.why.run_together_with', [
                                'after' => $option->after(),
                            ]) }}</button></form>
                    <p class="mt-1 text-sm">{{ $words($option) }}</p>
                @endforeach
            @endif
            @foreach ($siblings as $one)
                <form method="post" action="{{ route('plan.merge', $batch->code) }}" class="mt-3">@csrf<input
                        type="hidden" name="version" value="{{ $version }}"><input type="hidden" name="into"
                        value="{{ $one->code }}"><button type="submit"
                            class="btn">{{ __('plan.why.combine_with_pieces', [
                            'code' => $one->code,
                            'left' => $one->left,
                            'value' => $one->queued->machine ? ' '.__('plan.why.on_2', [
                                'machine' => $one->queued->machine,
                            ]) : '',
                        ]) }}</button></form>
                @php $option = $joined($one->code); @endphp
                <p class="mt-1 text-sm">
                    {{ $option === null ? __('plan.why.there_would_be_no_room_for')
                        : Consequence::words($board, $one->code, $option, made: false) }}
                </p>
            @endforeach
                </details>
            @endif
            @if ($shown !== [] && ! $batch->started)
                <details class="mt-4">
                    <summary
                        class="font-semibold">{{ __('plan.why.all_places', ['places' => count($shown)]) }}</summary>
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('plan.why.place') }}</th>
                            <th>{{ __('plan.why.ends') }}</th>
                            <th>{{ __('plan.why.effect') }}</th>
                            <th><span class="sr-only">{{ __('plan.why.move_it') }}</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($shown as $option)
                            <tr @class(['font-semibold' => $option === $current])>
                                <td class="whitespace-nowrap">{{ Consequence::place($option) }}{{ $option === $current
                                    ? ', '.__('plan.why.is_there_now') : '' }}</td>
                                <td
                                    class="whitespace-nowrap tabular-nums">{{ App\Foundation\Clock\ShopClock::words($at($option->end)) }}</td>
                                <td class="text-sm font-normal">{{ $words($option) }}</td>
                                <td class="num">
                                    @if ($option !== $current && !$batch->queued->fixedAt)
                                        <form method="post" action="{{ route('plan.moves') }}">@csrf<input
                                                type="hidden" name="batch" value="{{ $batch->code }}"><input
                                                type="hidden" name="machine" value="{{ $option->machine }}"><input
                                                type="hidden" name="rank" value="{{ $option->rank }}"><input
                                                type="hidden" name="version" value="{{ $version }}"><button
                                                    type="submit"
                                                class="btn btn-small"
                                                aria-label="{{ __('plan.why.move_to_place', [
                                                    'machine' => $option->machine,
                                                    'rank' => $option->rank + 1,
                                                ]) }}">{{ __('plan.why.move') }}</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($barred !== [])
                    <h3 class="mt-3 font-semibold">{{ __('plan.why.where_it_cannot_go') }}</h3>
                    <ul class="text-sm">
                        @foreach ($barred as $machine => $why)
                            <li class="border-b border-hair py-1"><strong>{{ $machine }}</strong>:
                                {{ $why }}.</li>
                        @endforeach
                    </ul>
                @endif
                <x-because :about="__('plan.why.how_the_cost_works')"><x-said
                    key="plan.why.for_each_minute_a_batch_is" :with="[
                    'late' => $weights->late,
                    'changeover' => $weights->changeover,
                    'flow' => $weights->flow,
                ]">
                    <x-slot:link><a
                        href="{{ route('shop.show') }}#late_cost">{{ __('plan.why.house_rule') }}</a></x-slot:link></x-said></x-because>
                </details>
            @endif
        </div>
    </div>
    </div>
</x-layout>
