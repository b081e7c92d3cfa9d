{{-- What would make it possible: each was tried before it is shown. --}}
<div class="note mb-3 text-sm" id="cures">
    <strong>{{ __('setup.cures.what_would_make_it_possible') }}</strong>
    @forelse ($sheet->cures() as $cure)
        <div class="mt-1 flex flex-wrap items-baseline gap-3" data-cure="{{ $cure->kind->value }}">
            <span class="flex-1">{{ $cure->text }}</span>
            @if ($cure->place() !== null)
                <form method="post" action="{{ route('setup.keep', $decoration) }}">@csrf @method('put')
                    <input type="hidden" name="size" value="{{ $rows[0]->size->value }}">
                    <input type="hidden" name="peg" value="{{ $advice->placement->peg }}">
                    <input type="hidden" name="down" value="{{ $units->field($cure->place()->downMm ?? 0.0) }}">
                    <input type="hidden" name="across" value="{{ $units->field($cure->place()->acrossMm ?? 0.0) }}">
                    <button type="submit" class="btn btn-small">{{ __('setup.cures.move_it', [
                        'value' => count($rows) > 1 ? __('setup.cures.in_size', ['size' => $rows[0]->size->label()]) : '',
                    ]) }}</button>
                </form>
            @endif
        </div>
    @empty
        <p class="mt-1">{{ __('setup.cures.nothing_we_know_of_ask_for') }}</p>
    @endforelse
</div>
