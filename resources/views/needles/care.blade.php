@php
    $n = static fn(float $v) => App\Shop\Figure::words($v);
    $due = $list->due();
@endphp
<x-layout station="needles" title="Care">
    <x-slot:say>
        @if ($due === [])
            {{ $machine->code }} wants nothing at the moment.
        @else
            <span class="now">{{ $machine->code }}:
                {{ lcfirst($due[0]->task->wanted($due[0]->needle)) }}{{ count($due) > 1
                    ? ', and ' . (count($due) - 1) . ' more' : '' }}.</span>
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="care" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div>
            <h1 class="mb-2 text-xl">Care of {{ $machine->code }}</h1>
            <table>
                <thead>
                    <tr>
                        <th>What</th>
                        <th class="num">Since then</th>
                        <th class="num">Done after</th>
                        <th>So far</th>
                        <th>Due</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($list->all as $i => $one)
                        <tr>
                            <td>{{ $one->isDue() || $one->needle === null
                                ? $one->task->wanted($one->needle) : "Needle {$one->needle}" }}
                                @if ($one->needle !== null)
                                    @php $needle = $machine->rack->firstWhere('number', $one->needle); @endphp
                                    <span class="block text-sm text-soft">{{ $needle?->size }} {{ $needle?->point }},
                                        {{ $needle?->thread?->code ?? 'no thread' }}</span>
                                @endif
                            </td>
                            <td class="num">{{ $n($one->used) }}</td>
                            <td class="num">{{ $n($one->after) }} {{ $one->isDays ? 'days' : 'stitches' }}</td>
                            <td>
                                <div class="w-28"><span class="strip" role="img"
                                        aria-label="{{ round(100 * min(1, $one->share())) }} of 100"><i
                                            style="width: {{ round(100 * min(1, $one->share())) }}%"></i></span></div>
                            </td>
                            <td>
                                @if ($one->isDue())
                                    <strong class="now">now</strong>
                                @elseif (isset($ahead[$i]))
                                    @php [$batch, $start] = $ahead[$i]; @endphp
                                    during <a href="{{ route('plan.why', $batch) }}">{{ $batch }}</a>
                                    @if ($start)
                                        <form method="post" action="{{ route('plan.down') }}" class="mt-1">@csrf
                                            <input type="hidden" name="machine" value="{{ $machine->code }}"><input
                                                type="hidden" name="from" value="{{ $start->format('Y-m-d H:i')
                                                    }}"><input
                                                type="hidden" name="to"
                                                value="{{ $start->addMinutes($minutes)->format('Y-m-d H:i') }}"><input
                                                type="hidden" name="what"
                                                value="{{ $one->task->wanted($one->needle) }}"><button
                                                class="btn btn-small">Plan {{ $minutes }} min before it,
                                                {{ App\Foundation\Clock\ShopClock::words($start) }}</button>
                                        </form>
                                    @endif
                                @else
                                    <span class="text-soft">after all that is planned</span>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-2 text-sm text-soft">A needle counts anew when another is fitted
                (<a href="{{ route('needles.show', $machine) }}">on the rack</a>); how often is a
                <a href="{{ route('shop.show') }}#needle_changed_after_stitches">house rule</a>. The machine’s manual
                goes before. Power off before a hand is near needles or hook.</p>
        </div>
        <div>
            <h2 class="mb-2">Something was done</h2>
            <div class="flex flex-wrap gap-3">
                @foreach ([Hakama\Floor\Care\CareTask::Oil, Hakama\Floor\Care\CareTask::Tension] as $j => $task)
                    <form method="post" action="{{ route('needles.care.note', $machine) }}">@csrf<input type="hidden"
                            name="id" value="{{ Str::uuid() }}"><input type="hidden" name="task"
                            value="{{ $task->value }}"><button class="btn"
                            data-key="{{ ['o', 't'][$j] }}">{{ $task->label() }}
                                <kbd>{{ ['o', 't'][$j] }}</kbd></button>
                    </form>
                @endforeach
            </div>
            <form method="post" action="{{ route('needles.care.note', $machine) }}"
                class="mt-4 flex flex-wrap items-end gap-3">@csrf
                <input type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden" name="task"
                    value="{{ Hakama\Floor\Care\CareTask::FootHeight->value }}">
                <div class="w-36"><label for="needle">Foot of needle</label><select id="needle" name="needle">
                        @foreach ($machine->rack as $needle)
                            <option value="{{ $needle->number }}"
                                @selected((int) old('needle') === $needle->number)>{{ $needle->number }}{{
                                    isset($feet[$needle->number]) ? ': ' . $feet[$needle->number]->note : '' }}</option>
                        @endforeach
                    </select></div>
                <x-field name="note" label="set to" maxlength="80" box="w-40" placeholder="one card" />
                <button class="btn">Note it</button>
            </form>
            <x-wrong field="needle" />
            <x-wrong field="task" />
            @if ($done->isNotEmpty())
                <h2 class="mb-1 mt-6">Done</h2>
                <ul>
                    @foreach ($done as $one)
                        <li class="border-b border-hair py-1">{{ $one->task->label() }}{{ $one->needle
                            ? ", needle {$one->needle}" : '' }}{{ $one->note !== '' ? ": {$one->note}" : '' }}
                            <span class="text-soft">{{ $one->done_at->format('D j M, H:i') }}{{ $one->who !== ''
                                ? ", {$one->who}" : '' }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
        </div>
    </div>
</x-layout>
