<p class="text-sm text-soft">{{ $sheet->on->onMachine === null
    ? __('setup.tabs_steps.typical_for_your_machines_choose_one')
    : __('setup.tabs_steps.steps_on_if_the_batch_moves', ['on_machine' => $sheet->on->onMachine]) }}</p>
<div class="gap-x-8 md:columns-2">
    @foreach (collect($sheet->chosen->shown->steps)->groupBy(static fn($step) => $step->stage->value) as $stage => $steps)
        <section class="mb-3">
            <h3 class="text-sm font-semibold text-soft">{{ Hakama\Setup\Notes\WorkStage::from($stage)->label() }}</h3>
            <ol class="list-decimal ps-6 text-sm"
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
        {{ __('setup.tabs_steps.the_machines_manual_local_codes_and') }}</p>
</div>
