@php
    use Hakama\Floor\Stage;
@endphp
<div class="grid grid-cols-1 gap-4 md:grid-cols-3">
    @foreach ($board->rows as $row)
        @php
            $stands = $row->next?->stands === true;
            $sews = $row->now?->stage === Stage::Sewing;
        @endphp
        <section @class([
            'border-s-[10px] bg-paper p-4',
            'border-now' => $stands,
            'border-good' => $sews,
            'border-hair' => !$stands && !$sews,
        ])
            aria-label="{{ $row->machine->code }}">
            <p class="flex items-baseline gap-3"><a class="big no-underline"
                    href="{{ route('floor.show', $row->machine) }}">{{ $row->machine->code }}</a><span
                    class="ms-auto text-end">{{ $row->now === null
                        ? __('floor.board_rows.nothing_to_do') : App\Foundation\Words\Words::say($row->now->stage->label()) }}</span>
            </p>
            @if ($row->now !== null)
                <p class="mt-2 truncate font-semibold">{{ $row->batch->design->name }}</p>
                <p class="flex items-baseline"><span class="big">{{ $row->run->done }}<span
                            class="text-xl"> / {{ $row->run->pieces }}</span></span>
                    @if ($row->now->stage === Stage::Sewing)
                        <span class="big ms-auto">{{ Hakama\Floor\Act::minutes($row->now->leftS) }}</span>
                    @endif
                </p>
                <p class="text-base text-soft">
                    @if ($row->ends)
                        {{ __('floor.board_rows.batch_ends', ['ends' => App\Foundation\Clock\ShopClock::words($row->ends), 'value' => $row->now->late > 0
                            ? __('floor.board_rows.after_its_due_time') : '']) }}
                    @endif
                </p>
            @endif
            <p @class(['mt-2 font-semibold', 'now' => $stands])>{{ App\Foundation\Words\Words::capital($row->next->what ?? __('floor.board_rows.needs_nobody')) }}</p>
        </section>
    @endforeach
</div>
@if ($board->shares !== [])
    <h2 class="mb-1 mt-6">{{ __('floor.board_rows.next_jobs') }}</h2>
    <div class="grid grid-cols-1 gap-4 md:grid-cols-3">
        @foreach ($board->shares as $person => $acts)
            <section @class(['bg-paper p-4', 'border-s-[10px] border-ink' => $person === $who])
                aria-label="{{ __('floor.board_rows.for', ['person' => $person]) }}">
                <h3 class="font-semibold">{{ $person }}{{ $person === $who ? __('floor.board_rows.that_is_you') : '' }}</h3>
                <ol>
                    @forelse ($acts as $act)
                        <li class="flex items-baseline gap-3 border-b border-hair py-1 text-base"><strong
                                class="w-12">{{ $act->machine }}</strong><span
                                    class="flex-1">{{ App\Foundation\Words\Words::capital($act->what) }}</span><span
                                @class(['text-end tabular-nums', 'now' => $act->stands
                                    || $act->slackS < 0])>{{ $act->when() }}</span></li>
                    @empty
                        <li class="py-1 text-base text-soft">{{ __('floor.board_rows.nothing_now') }}</li>
                    @endforelse
                </ol>
            </section>
        @endforeach
    </div>
@endif
<h2 class="mb-1 mt-6">{{ __('floor.board_rows.to_keep_the_machines_sewing_in') }}</h2>
@if ($board->acts === [])
    <p>{{ __('floor.board_rows.nothing_finish_the_sewn_pieces') }}</p>
@else
    <ol>
        @foreach ($board->acts as $act)
            <li class="flex items-baseline gap-4 border-b border-hair py-2"><strong
                    class="w-16">{{ $act->machine }}</strong><span class="flex-1">{{ App\Foundation\Words\Words::capital($act->what) }}<span
                        class="block text-base text-soft">{{ $act->because }}</span></span><span
                    @class(['text-end tabular-nums', 'now' => $act->stands || $act->slackS < 0])>{{ $act->when() }}</span>
            </li>
        @endforeach
    </ol>
@endif
