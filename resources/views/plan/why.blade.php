@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
    $next = $options->nextBest();
    $current = $options->current;
@endphp
<x-layout station="plan" :title="'Why ' . $batch->code . ' is there'">
    <x-slot:say>
        @if ($batch->started)
            {{ $batch->code }} runs on {{ $batch->queued->machine }}: it stays until it is done.
        @elseif ($placed === null)
            <span class="now">{{ $batch->code }} has no place in the plan.</span>
        @elseif ($next === null)
            {{ $batch->code }} can stand nowhere else.
        @elseif ($current && $next->costMore > 0.005)
            The next best place would cost {{ App\Shop\Figure::words($next->costMore, 1) }} more than the one it has.
        @else<span class="now">There is a better place for it: {{ $next->machine }},
                {{ App\Shop\Figure::words(-$next->costMore, 1) }} cheaper.</span>
        @endif
    </x-slot:say>
    <x-plan-tabs here="why" :title="$batch->code . ', ' . $batch->design->name" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,2fr)]">
        <div>
            <dl class="facts">
                <dt>What</dt>
                <dd>{{ $batch->left }} × {{ $batch->setup->garment }}</dd>
                <dt>For</dt>
                <dd>{{ $batch->order->customer }}, <a href="{{ route('orders.show', $batch->order->number) }}">no.
                        {{ $batch->order->number }}</a></dd>
                @if ($batch->order->blanksShort > 0)
                    <dt>Blanks</dt>
                    <dd class="now">{{ $batch->order->blanksShort }} short: it cannot be finished before they come, so
                        no odds are given. Order more under <a href="{{ route('ordering.show') }}">To order</a>.</dd>
                @endif
                <dt>Frame</dt>
                <dd>{{ $batch->batch->equipment->frame }}</dd>
                @if ($placed)
                    <dt>On</dt>
                    <dd>{{ $placed->machine }}</dd>
                    <dt>Changeover</dt>
                    <dd>{{ App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)) }},
                        {{ App\Shop\Figure::words($placed->changeoverS / 60, 1) }}
                        min{{ $placed->changes->goesOn
                            ? ', the same design goes on' : '' }}{{ $placed->changes->style
                            ? ', the strap is set for this style of cap' : '' }}</dd>
                    @if ($placed->changes->needles > 0)
                        <dt>Needles</dt>
                        <dd>fit {{ $batch->batch->equipment->needle }} on {{ $placed->changes->needles }}</dd>
                    @endif
                    <dt>First load</dt>
                    <dd>{{ App\Foundation\Clock\ShopClock::words($at($placed->start())) }}</dd>
                    <dt>Ends</dt>
                    <dd>{{ App\Foundation\Clock\ShopClock::words($at($placed->end())) }}</dd>
                    <dt>Finishing</dt>
                    <dd>{{ App\Shop\Figure::words(ceil(($finishS * $batch->left) / 60)) }} min of hands,
                        {{ App\Shop\Figure::words($finishS) }} s a piece,
                        beside the machine; the last load after it</dd>
                @endif
                @if ($odds)
                    <dt>Kept in</dt>
                    <dd><x-odds :of="$odds" /></dd>
                    @foreach (['50' => $odds->endP50, '80' => $odds->endP80, '95' => $odds->endP95] as $cases => $end)
                        <dt>Ends, in {{ $cases }} of 100</dt>
                        <dd>{{ $end === null ? 'after the hours that are known'
                            : 'by ' . App\Foundation\Clock\ShopClock::words($at($end)) }}
                        </dd>
                    @endforeach
                    <dt>To promise</dt>
                    <dd>{{ $odds->promise === null
                        ? 'nothing yet' : App\Foundation\Clock\ShopClock::words($at($odds->promise)) }}</dd>
                    @if ($odds->endangered !== null)
                        <dt>What moves its end most</dt>
                        <dd>{{ $odds->endangered === $batch->code ? 'its own time' : $odds->endangered }}</dd>
                    @endif
                @endif
                <dt>Due</dt>
                <dd>{{ App\Foundation\Clock\ShopClock::words($batch->order->dueAt) }}{{ $placed && $placed->lateS() > 0
                    ? ', late' : '' }}
                </dd>
            </dl>
            @if ($trial)
                <h2 class="mt-5 mb-1">On scrap first</h2>
                <p>{{ $trial->isPractice
                    ? "Nobody here has sewn {$fabric}, or it did not come out: {$trial->pieces} on scrap"
                    : "This version of the artwork was not sewn out on {$fabric}: one on scrap" }},
                    about {{ $trial->minutes }} min at {{ $placed->machine }}.</p>
                @if ($triedAt)
                    <p class="mt-1">Planned at {{ $triedAt->machine_code }},
                        {{ App\Foundation\Clock\ShopClock::words($triedAt->from_at) }} to {{ $triedAt->to_at->format('H:i') }}.
                            Note
                        what came of it {{ $trial->isPractice ? 'in the' : 'with the' }}
                        @if ($trial->isPractice)
                            <a href="{{ route('setup.practice') }}">practice book</a>.
                        @else
                            <a href="{{ route('artwork.history', $batch->design->id) }}">artwork</a>.
                        @endif
                    </p>
                @else
                    <form method="post" action="{{ route('plan.down') }}" class="mt-2">@csrf<input type="hidden"
                            name="machine" value="{{ $placed->machine }}"><input type="hidden" name="from"
                            value="{{ $at($placed->changeoverStart)->format('Y-m-d H:i') }}"><input type="hidden"
                            name="to"
                            value="{{ $at($placed->changeoverStart)->addMinutes($trial->minutes)->format('Y-m-d H:i')
                                }}"><input
                            type="hidden" name="what" value="{{ $trial->words($batch->code) }}"><button class="btn"
                            data-key="t">Plan it before the batch,
                            {{ App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)) }} <kbd>t</kbd></button></form>
                @endif
            @endif
            @if ($odds?->isInDanger)
                <h2 class="mt-5 mb-1">What would help</h2>
                <ul>
                    @forelse ($helps as [$what, $then])
                        <li class="flex border-b border-hair py-1">{{ $what }}<span
                                class="num ml-auto">{{ App\Shop\Figure::odds($then) }}</span></li>
                    @empty
                        <li class="text-soft">Nothing that is known here: promise later, or say so now.</li>
                    @endforelse
                </ul>
            @endif
            @if ($odds)
                <p class="mt-2 text-sm text-soft">{{ $oddsFrom }}</p>
            @endif
            @if ($placed && !$batch->started)
                <form method="post" action="{{ route('plan.fix', $batch->code) }}" class="mt-4">@csrf
                    @method('put')<input type="hidden" name="version" value="{{ $version }}"><input
                        type="hidden" name="fixed" value="{{ $batch->queued->fixedAt ? 0 : 1 }}">
                    <button class="btn"
                        data-key="x">{{ $batch->queued->fixedAt
                            ? 'Let it be moved again' : 'Fix it there, at '
                            . App\Foundation\Clock\ShopClock::words($at($placed->start())) }}
                        <kbd>x</kbd></button>
                </form>
                @if ($batch->queued->fixedAt)
                    <p class="mt-1 text-sm">Fixed to {{ $batch->queued->machine }},
                        {{ $batch->queued->fixedAt->format('D j M H:i') }}.</p>
                @endif
            @endif
            @if ($batch->left > 1)
                <form method="post" action="{{ route('plan.split', $batch->code) }}"
                    class="mt-4 flex items-end gap-3">@csrf<input type="hidden" name="version"
                        value="{{ $version }}">
                    <div class="w-28"><label for="pieces">Run apart</label><input id="pieces" name="pieces"
                            inputmode="numeric" class="num" hx-get="{{ route('plan.splitting', $batch->code) }}"
                            hx-trigger="load, input changed delay:250ms" hx-target="#splitting" hx-swap="innerHTML"
                            value="{{ old('pieces', intdiv($batch->left, 2)) }}"
                            @error('pieces') aria-invalid="true" aria-describedby="wrong-pieces" @enderror></div><button
                        class="btn">Split these pieces off</button>
                </form>
                <x-wrong field="pieces" />
                <div id="splitting" class="mt-2 min-h-12 text-sm" role="status"></div>
            @endif
            @if (!$batch->started && !$batch->queued->fixedAt && $alike !== [])
                <h2 class="mt-5 mb-1">The same design in the same frame</h2>
                @foreach ($alike as $option)
                    <form method="post" action="{{ route('plan.moves') }}" class="mt-2">@csrf<input type="hidden"
                            name="batch" value="{{ $batch->code }}"><input type="hidden" name="machine"
                            value="{{ $option->machine }}"><input type="hidden" name="place"
                            value="{{ $option->rank }}"><input type="hidden" name="version"
                            value="{{ $version }}"><button class="btn">Run it together with
                            {{ $option->after() }}</button></form>
                    <p class="mt-1 text-sm">{{ $words($option) }}</p>
                @endforeach
            @endif
            @foreach ($siblings as $one)
                <form method="post" action="{{ route('plan.merge', $batch->code) }}" class="mt-3">@csrf<input
                        type="hidden" name="version" value="{{ $version }}"><input type="hidden" name="into"
                        value="{{ $one->code }}"><button class="btn">Put it together with {{ $one->code }},
                        {{ $one->left }}
                        pieces{{ $one->queued->machine ? ' on ' . $one->queued->machine : '' }}</button></form>
                @php $option = $joined($one->code); @endphp
                <p class="mt-1 text-sm">
                    {{ $option === null ? 'It would have no place there.'
                        : App\Plan\Queries\Consequence::words($board, $one->code, $option, made: false) }}
                </p>
            @endforeach
            <div class="mt-4 flex gap-3"><a class="btn" href="{{ route('plan.show') }}">Back to the plan</a>
                <form method="post" action="{{ route('plan.undo') }}">@csrf<input type="hidden" name="version"
                        value="{{ $version }}"><button class="btn" data-key="z"
                        data-does="Undo the last change">Undo <kbd>z</kbd></button></form>
            </div>
        </div>
        <div>
            <h2 class="mb-1">Where it could stand, cheapest first</h2>
            @if ($batch->started)
                <p class="note">What runs is not moved.</p>
            @elseif ($shown === [])
                <p class="note note-now">No machine can take it; look at <a
                        href="{{ route('setup.show', $batch->decorationId) }}">its setup</a>.</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>Place</th>
                            <th class="num">Costs more</th>
                            <th>What it would bring</th>
                            <th><span class="sr-only">Move it</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($shown as $option)
                            <tr @class(['font-semibold' => $option === $current])>
                                <td class="whitespace-nowrap">{{ $option->machine }},
                                    {{ $option->rank === 0 ? 'first'
                                        : 'after ' . $option->sequence->on($option->machine)[$option->rank - 1] }}
                                </td>
                                <td class="num">
                                    {{ $option === $current ? 'is there'
                                        : App\Shop\Figure::words($option->costMore, 1) }}
                                </td>
                                <td class="text-sm font-normal">{{ $words($option) }}</td>
                                <td class="num">
                                    @if ($option !== $current && !$batch->queued->fixedAt)
                                        <form method="post" action="{{ route('plan.moves') }}">@csrf<input
                                                type="hidden" name="batch" value="{{ $batch->code }}"><input
                                                type="hidden" name="machine" value="{{ $option->machine }}"><input
                                                type="hidden" name="place" value="{{ $option->rank }}"><input
                                                type="hidden" name="version" value="{{ $version }}"><button
                                                class="btn btn-small"
                                                aria-label="Move it to {{ $option->machine }}, place {{
                                                    $option->rank + 1 }}">Move</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($barred !== [])
                    <h3 class="mt-3 font-semibold">Where it cannot stand</h3>
                    <ul class="text-sm">
                        @foreach ($barred as $machine => $why)
                            <li class="border-b border-hair py-1"><strong>{{ $machine }}</strong>:
                                {{ $why }}.</li>
                        @endforeach
                    </ul>
                @endif
                <x-because about="What the cost is">{{ $weights->late }} for each minute that a batch is late,
                    {{ $weights->changeover }} for each minute of changeover on any machine, {{ $weights->flow }} for
                    each minute until a batch is done: late is dear, changeovers are work, and soon is better than
                    later. What each weighs is a <a href="{{ route('shop.show') }}#late_cost">house
                        rule</a>.</x-because>
            @endif
        </div>
    </div>
</x-layout>
