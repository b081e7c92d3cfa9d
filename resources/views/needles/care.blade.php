@use('App\Foundation\Words\Dates')
@php
    $n = static fn(float $v) => App\Shop\Figure::words($v);
    $due = $list->due();
@endphp
<x-layout station="needles" :title="__('needles.care.care')">
    <x-slot:say>
        @if ($due === [])
            {{ __('needles.care.needs_no_care_now', ['code' => $machine->code]) }}
        @else
            <span class="now">{{ $machine->code }}:
                {{ App\Foundation\Words\Words::small($due[0]->task->wanted($due[0]->needle)) }}{{ count($due) > 1
                    ? __('needles.care.and_more', ['due' => count($due) - 1]) : '' }}.</span>
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="care" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div>
            <h1 class="mb-2 text-xl">{{ __('needles.care.care_of', ['code' => $machine->code]) }}</h1>
            <table>
                <thead>
                    <tr>
                        <th>{{ __('needles.care.task') }}</th>
                        <th class="num">{{ __('needles.care.since_then') }}</th>
                        <th class="num">{{ __('needles.care.due_after') }}</th>
                        <th>{{ __('needles.care.so_far') }}</th>
                        <th>{{ __('needles.care.due') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($list->all as $i => $one)
                        <tr>
                            <td>{{ $one->isDue() || $one->needle === null
                                ? $one->task->wanted($one->needle) : __('needles.care.needle', [
                                    'needle' => $one->needle,
                                ]) }}
                                @if ($one->needle !== null)
                                    @php $needle = $machine->rack->firstWhere('number', $one->needle); @endphp
                                    <span class="block text-sm text-soft">{{ $needle?->type()->label() }},
                                        {{ $needle?->thread?->code ?? __('needles.care.no_thread') }}</span>
                                @endif
                            </td>
                            <td class="num">{{ $n($one->used) }}</td>
                            <td class="num">{{ $n($one->after) }} {{ $one->isDays ? __('needles.care.days') : __('needles.care.stitches') }}</td>
                            <td>
                                <div class="w-28"><span class="strip" role="img"
                                        aria-label="{{ __('needles.care.of_100', [
                                            'value' => round(100 * min(1, $one->share())),
                                        ]) }}"><i
                                            style="width: {{ round(100 * min(1, $one->share())) }}%"></i></span></div>
                            </td>
                            <td>
                                @if ($one->isDue())
                                    <strong class="now">{{ __('needles.care.now') }}</strong>
                                @elseif (isset($ahead[$i]))
                                    @php [$batch, $start] = $ahead[$i]; @endphp
                                    <x-said key="needles.care.during">
                                        <x-slot:link><a href="{{ route('plan.why', $batch) }}">{{ $batch }}</a></x-slot:link></x-said>
                                    @if ($start)
                                        <form method="post" action="{{ route('plan.down') }}" class="mt-1">@csrf
                                            <input type="hidden" name="machine" value="{{ $machine->code }}"><input
                                                type="hidden" name="from" value="{{ $start->format('Y-m-d H:i')
                                                    }}"><input
                                                type="hidden" name="to"
                                                value="{{ $start->addMinutes($minutes)->format('Y-m-d H:i') }}"><input
                                                type="hidden" name="what"
                                                value="{{ $one->task->wanted($one->needle) }}"><button type="submit"
                                                class="btn btn-small">{{ __('needles.care.plan_min_before_it', [
                                                    'minutes' => $minutes,
                                                    'start' => App\Foundation\Clock\ShopClock::words($start),
                                                ]) }}</button>
                                        </form>
                                    @endif
                                @else
                                    <span class="text-soft">{{ __('needles.care.after_everything_planned') }}</span>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-2 text-sm text-soft"><x-said key="needles.care.a_new_needle_starts_at_zero">
                <x-slot:link><a href="{{ route('needles.show', $machine) }}">{{ __('needles.care.on_the_rack') }}</a></x-slot:link>
                <x-slot:link2><a href="{{ route('shop.show') }}#needle_changed_after_stitches">{{ __('needles.care.house_rule') }}</a></x-slot:link2></x-said></p>
        </div>
        <div>
            <h2 class="mb-2">{{ __('needles.care.log_care') }}</h2>
            <div class="flex flex-wrap gap-3">
                @foreach ([Hakama\Floor\Care\CareTask::Oil, Hakama\Floor\Care\CareTask::Tension] as $j => $task)
                    <form method="post" action="{{ route('needles.care.note', $machine) }}">@csrf<input type="hidden"
                            name="id" value="{{ Str::uuid() }}"><input type="hidden" name="task"
                            value="{{ $task->value }}"><button type="submit" class="btn"
                            data-key="{{ ['o', 't'][$j] }}">{{ $task->label() }}
                                <kbd>{{ ['o', 't'][$j] }}</kbd></button>
                    </form>
                @endforeach
            </div>
            <form method="post" action="{{ route('needles.care.note', $machine) }}"
                class="mt-4 flex flex-wrap items-end gap-3">@csrf
                <input type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden" name="task"
                    value="{{ Hakama\Floor\Care\CareTask::FootHeight->value }}">
                <div class="w-36"><label for="needle">{{ __('needles.care.foot_of_needle') }}</label><select id="needle" name="needle">
                        @foreach ($machine->rack as $needle)
                            <option value="{{ $needle->number }}"
                                @selected((int) old('needle') === $needle->number)>{{ $needle->number }}{{ isset($feet[$needle->number]) ? ': ' . $feet[$needle->number]->note : '' }}</option>
                        @endforeach
                    </select></div>
                <x-field name="note" :label="__('needles.care.set_to')" maxlength="80" box="w-40" :placeholder="__('needles.care.one_card')" />
                <button type="submit" class="btn">{{ __('needles.care.log') }}</button>
            </form>
            <x-wrong field="needle" />
            <x-wrong field="task" />
            @if ($machine->heads > 1)
                <h2 class="mb-1 mt-6">{{ __('needles.care.heads') }}</h2>
                <p class="mb-2 text-sm text-soft">{{ __('needles.care.a_head_that_is_out', ['working' => $machine->workingHeads(), 'heads' => $machine->heads]) }}</p>
                @foreach ($machine->heads_out ?? [] as $head => $wrong)
                    <form method="post" action="{{ route('needles.head', $machine) }}"
                        class="flex flex-wrap items-center gap-3 border-b border-hair py-2">@csrf
                        <input type="hidden" name="head" value="{{ $head }}"><input type="hidden" name="out" value="0">
                        <span class="min-w-0 flex-1"><strong>{{ __('needles.care.head_is_out', ['head' => $head]) }}</strong>{{ $wrong === '' ? '' : ": {$wrong}" }}</span>
                        <button type="submit" class="btn btn-small">{{ __('needles.care.put_back') }}<span
                                class="sr-only"> {{ __('needles.care.head_number', ['head' => $head]) }}</span></button>
                    </form>
                @endforeach
                @if ($machine->workingHeads() > 1)
                    <form method="post" action="{{ route('needles.head', $machine) }}"
                        class="mt-3 flex flex-wrap items-end gap-3">@csrf<input type="hidden" name="out" value="1">
                        <div class="w-24"><label for="head">{{ __('needles.care.head') }}</label><select id="head" name="head">
                                @foreach (array_diff(range(1, $machine->heads), array_keys($machine->heads_out ?? [])) as $head)
                                    <option value="{{ $head }}" @selected((int) old('head') === $head)>{{ $head }}</option>
                                @endforeach
                            </select></div>
                        <x-field name="wrong" :label="__('needles.care.what_is_wrong')" maxlength="80" box="w-52" />
                        <button type="submit" class="btn">{{ __('needles.care.take_out') }}</button>
                    </form>
                    <x-wrong field="head" />
                @endif
            @endif
            @if ($done->isNotEmpty())
                <h2 class="mb-1 mt-6">{{ __('needles.care.done') }}</h2>
                <ul>
                    @foreach ($done as $one)
                        <li class="border-b border-hair py-1">{{ $one->task->label() }}{{ $one->needle
                            ? __('needles.care.needle_2', [
                                'needle' => $one->needle,
                            ]) : '' }}{{ $one->note !== '' ? ": {$one->note}" : '' }}
                            <span class="text-soft">{{ Dates::dayTime($one->done_at) }}{{ $one->who !== ''
                                ? ", {$one->who}" : '' }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
        </div>
    </div>
</x-layout>
