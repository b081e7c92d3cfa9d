<p class="text-sm text-soft">{{ $sheet->on->onMachine === null
    ? 'As it is on the shop’s machines; asked of one machine, its own are shown.'
    : "As it is on {$sheet->on->onMachine}: the batch that moves to another machine gets that machine’s steps." }}</p>
<div class="gap-x-8 md:columns-2">
    @foreach (collect($sheet->chosen->shown->steps)->groupBy(static fn($step) => $step->stage->value) as $stage => $steps)
        <section class="mb-3">
            <h3 class="text-sm font-semibold text-soft">{{ Hakama\Setup\Notes\WorkStage::from($stage)->label() }}</h3>
            <ol class="list-decimal pl-6 text-sm"
                start="{{ 1 + array_search($steps[0], $sheet->chosen->shown->steps, true) }}">
                @foreach ($steps as $step)
                    <li class="break-inside-avoid border-b border-hair py-1" data-step="{{ $step->code }}">{{ $step->text }}</li>
                @endforeach
            </ol>
        </section>
    @endforeach
</div>
<div class="note note-caution mt-3 text-sm">
    @foreach ($sheet->chosen->shown->cautions as $caution)
        <p class="py-0.5">{{ $caution->text }}</p>
    @endforeach
    <p class="py-0.5">
        The machine’s manual, local codes and trained people decide.</p>
</div>
