@php
    use Hakama\Floor\Stage;
    $stages = [
        Stage::Preflight->value => 'list before the first load',
        Stage::Ready->value => 'ready',
        Stage::Sewing->value => 'sewing',
        Stage::Halted->value => 'halted',
        Stage::Sewn->value => 'sewn',
        Stage::Finished->value => 'done',
    ];
@endphp
<div class="grid grid-cols-1 gap-4 md:grid-cols-3">
    @foreach ($board->rows as $row)
        @php
            $stands = $row->next?->stands === true;
            $sews = $row->now?->stage === Stage::Sewing;
        @endphp
        <section @class([
            'border-l-[10px] bg-paper p-4',
            'border-now' => $stands,
            'border-good' => $sews,
            'border-hair' => !$stands && !$sews,
        ])
            aria-label="{{ $row->machine->code }}">
            <p class="flex items-baseline gap-3"><a class="big no-underline"
                    href="{{ route('floor.show', $row->machine) }}">{{ $row->machine->code }}</a><span
                    class="ml-auto text-right">{{ $row->now === null
                        ? 'nothing to do' : $stages[$row->now->stage->value] }}</span>
            </p>
            @if ($row->now !== null)
                <p class="mt-2 truncate font-semibold">{{ $row->batch->design->name }}</p>
                <p class="flex items-baseline"><span class="big">{{ $row->run->done }}<span
                            class="text-xl"> / {{ $row->run->pieces }}</span></span>
                    @if ($row->now->stage === Stage::Sewing)
                        <span class="big ml-auto">{{ Hakama\Floor\Act::minutes($row->now->leftS) }}</span>
                    @endif
                </p>
                <p class="text-base text-soft">
                    @if ($row->ends)
                        batch ends {{ App\Foundation\Clock\ShopClock::words($row->ends) }}{{ $row->now->late > 0
                            ? ', after its promise' : '' }}
                    @endif
                </p>
            @endif
            <p @class(['mt-2 font-semibold', 'now' => $stands])>{{ ucfirst($row->next->what ?? 'wants nobody') }}</p>
        </section>
    @endforeach
</div>
@if ($board->shares !== [])
    <h2 class="mb-1 mt-6">Who does what next</h2>
    <div class="grid grid-cols-1 gap-4 md:grid-cols-3">
        @foreach ($board->shares as $person => $acts)
            <section @class(['bg-paper p-4', 'border-l-[10px] border-ink' => $person === $who])
                aria-label="For {{ $person }}">
                <h3 class="font-semibold">{{ $person }}{{ $person === $who ? ', that is you' : '' }}</h3>
                <ol>
                    @forelse ($acts as $act)
                        <li class="flex items-baseline gap-3 border-b border-hair py-1 text-base"><strong
                                class="w-12">{{ $act->machine }}</strong><span
                                    class="flex-1">{{ ucfirst($act->what) }}</span><span
                                @class(['num', 'now' => $act->stands
                                    || $act->slackS < 0])>{{ $act->when() }}</span></li>
                    @empty
                        <li class="py-1 text-base text-soft">nothing now</li>
                    @endforelse
                </ol>
            </section>
        @endforeach
    </div>
@endif
<h2 class="mb-1 mt-6">What keeps them sewing, in this order</h2>
@if ($board->acts === [])
    <p>Nothing: finish what is sewn.</p>
@else
    <ol>
        @foreach ($board->acts as $act)
            <li class="flex items-baseline gap-4 border-b border-hair py-2"><strong
                    class="w-16">{{ $act->machine }}</strong><span class="flex-1">{{ ucfirst($act->what) }}<span
                        class="block text-base text-soft">{{ $act->because }}</span></span><span
                    @class(['num', 'now' => $act->stands || $act->slackS < 0])>{{ $act->when() }}</span>
            </li>
        @endforeach
    </ol>
@endif
