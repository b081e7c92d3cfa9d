<x-layout station="artwork" :title="__('artwork.stops.stop_sheet', ['name' => $artwork->name])">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $halts = $sheet->halts();
        $open = collect($sheet->steps)->filter(
            static fn($step) => !$step->decided && $step->role !== Hakama\Artwork\BlockRole::Sew,
        );
    @endphp
    <x-slot:say>
        @if ($open->isNotEmpty())
            <span class="now">{{ __('artwork.stops.check_block_suggested_from_the_shape', [
                'join' => new Hakama\Words\Texts(Hakama\Words\Joined::And, ...$open->pluck('block')->map(strval(...))->all()),
            ]) }}</span>
        @elseif ($halts === [])
            {{ __('artwork.stops.needs_no_stop_by_hand_the', ['name' => $artwork->name]) }}
        @else
            {{ __('artwork.stops.the_machine_must_stop_in', [
                'halts' => count($halts),
                'name' => $artwork->name,
            ]) }}
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="stops" />
    <x-wrong field="blocks" />
    @if ($sheet->filmBeforeTrimming() !== null)
        <p class="note note-now mb-3" role="alert">{{ __('artwork.stops.film_goes_on_after_block_but', [
            'film_before_trimming' => $sheet->filmBeforeTrimming(),
        ]) }}</p>
    @endif
    <form method="post" action="{{ route('artwork.stops', $artwork) }}">
        @csrf @method('put')
        <input type="hidden" name="seen" value="{{ $seen }}">
        <p class="mb-3 hidden text-sm print:block">{{ __('artwork.stops.stitches', ['name' => $artwork->name, 'stitches' => $n($artwork->stitches), 'width' => $units->size($artwork->bounds()->width(), $artwork->bounds()->height()), 'value' => $halts === [] ? __('artwork.stops.colour_changes_automatic')
                : __('artwork.stops.the_machine_stops_after_stitch', [
                    'value' => implode(', ', array_map($n, $halts)),
                ])]) }}
        </p>
        <ol class="steps">
            @foreach ($sheet->steps as $step)
                @php
                    $block = $artwork->blocks[$step->block - 1];
                    $key = "blocks.{$step->block}";
                @endphp
                <li class="step" data-step="{{ $step->block }}">
                    <div class="weave flex h-36 items-center justify-center p-2"><img class="max-h-full max-w-full"
                            loading="lazy" alt="{{ __('artwork.stops.block_on_what_is_sewn_so', [
                                'block' => $step->block,
                            ]) }}"
                            src="{{ route('artwork.drawing',
                                [$artwork, 'block' => $step->block,
                                    'v' => substr(md5($artwork->checksum . ($block->thread->hex ?? '')), 0, 8)]) }}">
                    </div>
                    <p class="mt-2 flex items-baseline gap-2"><strong
                            class="text-lg tabular-nums">{{ $step->block }}</strong><span class="flex-1"><x-swatch
                                :hex="$block->thread?->hex" />
                            @if ($block->thread)
                                {{ $block->thread->code }}
                                {{ $block->thread->name }}{{ $block->thread->weight !== 40
                                    ? __('artwork.stops.wt', ['weight' => $block->thread->weight]) : '' }}
                            @else
                                <span class="now">{{ __('artwork.stops.no_thread_yet') }}</span>
                            @endif
                        </span>
                    </p>
                    <p class="text-sm text-soft tabular-nums">{{ __('artwork.stops.stitches_to', [
                        'from' => $n($step->from),
                        'to' => $n($step->to),
                    ]) }}</p>
                    <div class="noprint mt-1">
                        <label for="role-{{ $step->block }}">{{ __('artwork.stops.purpose') }}</label>
                        <select id="role-{{ $step->block }}" name="blocks[{{ $step->block }}][role]">
                            <option value="">{{ __('artwork.stops.suggested', [
                                'proposed' => $block->toCore()->proposed->label(),
                            ]) }}</option>
                            @foreach (Hakama\Artwork\BlockRole::cases() as $role)
                                <option value="{{ $role->value }}"
                                    @selected(old("{$key}.role", $block->role?->value) === $role->value)>{{ $role->label() }}
                                </option>
                            @endforeach
                        </select>
                        <x-wrong :field="$key . '.role'" />
                        @if ($step->action !== null)
                            <label for="action-{{ $step->block }}" class="mt-1">{{ __('artwork.stops.at_the_stop_after_it') }}</label>
                            <select id="action-{{ $step->block }}" name="blocks[{{ $step->block }}][action]">
                                <option value="">{{ __('artwork.stops.standard', [
                                    'action_after' => $step->role->actionAfter($preCut)->label(),
                                ]) }}
                                </option>
                                @foreach (Hakama\Artwork\StopAction::cases() as $action)
                                    <option value="{{ $action->value }}"
                                        @selected(old("{$key}.action", $block->action?->value) === $action->value)>
                                        {{ $action->label() }}</option>
                                @endforeach
                            </select>
                            <x-wrong :field="$key . '.action'" />
                            @php $also = old('blocks') === null
                                ? array_column($block->toCore()->also, 'value') : old("{$key}.also", []); @endphp
                            <details class="mt-1" @if ($also !== [] || $errors->has("{$key}.also*")) open @endif>
                                <summary>{{ __('artwork.stops.also_at_this_stop') }}</summary>
                                @foreach (array_filter(Hakama\Artwork\StopAction::together(),
                                    static fn($one) => $one !== $step->action) as $action)
                                    <label class="flex items-baseline gap-2"><input type="checkbox"
                                            name="blocks[{{ $step->block }}][also][]" value="{{ $action->value }}"
                                            @checked(in_array($action->value, $also, true))>{{ $action->label() }}</label>
                                @endforeach
                            </details>
                            <x-wrong :field="$key . '.also.*'" />
                        @endif
                        <label for="note-{{ $step->block }}" class="mt-1">{{ __('artwork.stops.note') }}</label>
                        <input type="text" id="note-{{ $step->block }}" name="blocks[{{ $step->block }}][note]"
                            value="{{ old("{$key}.note", $block->note) }}" maxlength="200"
                            @if ($loop->first) data-key="n" data-does="{{ __('artwork.stops.write_a_note_for_the_first') }}" @endif>
                        <x-wrong :field="$key . '.note'" />
                    </div>
                    <p class="mt-1"><span class="hidden print:inline">{{ App\Foundation\Words\Words::capital($step->role->label()) }}.
                            {{ $step->note }}</span></p>
                    @if ($step->action !== null)
                        <p @class(['stop', 'halt' => $step->halts()])>
                            @if ($step->halts())
                            <strong>{{ __('artwork.stops.stop', [
                                'step' => $step->words(),
                            ]) }}</strong>@else<span class="text-soft">{{ __('artwork.stops.goes_on_by_itself') }}</span>
                            @endif
                        </p>
                        <x-because :about="__('artwork.stops.why')">{{ App\Foundation\Words\Words::capital($step->because) }}.</x-because>
                    @else
                        <p class="stop text-soft">{{ __('artwork.stops.end') }}</p>
                    @endif
                </li>
            @endforeach
        </ol>
        <p class="noprint mt-5 flex items-center gap-3"><button type="submit" class="btn btn-main" data-key="k">{{ __('artwork.stops.save_stop_sheet') }}
                <kbd>k</kbd></button>
            @if ($open->isNotEmpty())
                <button type="submit" class="btn" name="accept" value="1"
                    data-key="a">{{ __('artwork.stops.confirm_suggestions') }}
                    <kbd>a</kbd></button>
            @endif
            <button type="button" class="btn" data-print
                data-key="p">{{ __('artwork.stops.print_it') }} <kbd>p</kbd></button>
            <span class="text-sm text-soft">{{ __('artwork.stops.the_floor_shows_these_steps_and') }}</span>
        </p>
    </form>
</x-layout>
