<x-layout station="artwork" :title="$artwork->name . ', stop sheet'">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $halts = $sheet->halts();
        $open = collect($sheet->steps)->filter(
            static fn($step) => !$step->decided && $step->role !== Hakama\Artwork\BlockRole::Sew,
        );
        $say = static fn(int $count) => $count === 1 ? 'one stop' : "{$count} stops";
    @endphp
    <x-slot:say>
        @if ($open->isNotEmpty())
            <span class="now">Look at block {{ $open->pluck('block')->join(', ', ' and ') }}: proposed from the shape,
                not decided yet.</span>
        @elseif ($halts === [])
            The machine changes colour by itself all the way through {{ $artwork->name }}.
        @else
            The machine must halt at {{ $say(count($halts)) }} of {{ $artwork->name }}.
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="stops" />
    <x-wrong field="blocks" />
    @if ($sheet->filmBeforeTrimming() !== null)
        <p class="note note-now mb-3" role="alert">Film is laid after block {{ $sheet->filmBeforeTrimming() }}, and
            cloth is
            trimmed after that: the scissors cut the film. Lay it after the last trimming.</p>
    @endif
    <form method="post" action="{{ route('artwork.stops', $artwork) }}">
        @csrf @method('put')
        <input type="hidden" name="seen" value="{{ $seen }}">
        <p class="mb-3 hidden text-sm print:block">{{ $artwork->name }}, {{ $n($artwork->stitches) }} stitches,
            {{ $units->size($artwork->bounds()->width(), $artwork->bounds()->height()) }}.
            {{ $halts === [] ? 'Colour change mode: by itself.'
                : 'The machine halts after stitch ' . implode(', ', array_map($n, $halts)) . '.' }}
        </p>
        <ol class="steps">
            @foreach ($sheet->steps as $step)
                @php
                    $block = $artwork->blocks[$step->block - 1];
                    $key = "blocks.{$step->block}";
                @endphp
                <li class="step" data-step="{{ $step->block }}">
                    <div class="weave flex h-36 items-center justify-center p-2"><img class="max-h-full max-w-full"
                            loading="lazy" alt="Block {{ $step->block }} on what is sewn before it"
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
                                    ? ', ' . $block->thread->weight . ' wt' : '' }}
                            @else
                                <span class="now">no thread yet</span>
                            @endif
                        </span>
                    </p>
                    <p class="text-sm text-soft tabular-nums">stitch {{ $n($step->from) }} to {{ $n($step->to) }}</p>
                    <div class="noprint mt-1">
                        <label for="role-{{ $step->block }}">It is for</label>
                        <select id="role-{{ $step->block }}" name="blocks[{{ $step->block }}][role]">
                            <option value="">as proposed: {{ $block->toCore()->proposed->label() }}</option>
                            @foreach (Hakama\Artwork\BlockRole::cases() as $role)
                                <option value="{{ $role->value }}"
                                    @selected(old("{$key}.role", $block->role?->value) === $role->value)>{{
                                        $role->label() }}
                                </option>
                            @endforeach
                        </select>
                        <x-wrong :field="$key . '.role'" />
                        @if ($step->action !== null)
                            <label for="action-{{ $step->block }}" class="mt-1">At the stop after it</label>
                            <select id="action-{{ $step->block }}" name="blocks[{{ $step->block }}][action]">
                                <option value="">as the role wants: {{ $step->role->actionAfter($preCut)->label() }}
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
                                <summary>And at the same stop</summary>
                                @foreach (array_filter(Hakama\Artwork\StopAction::together(),
                                    static fn($one) => $one !== $step->action) as $action)
                                    <label class="flex items-baseline gap-2"><input type="checkbox"
                                            name="blocks[{{ $step->block }}][also][]" value="{{ $action->value }}"
                                            @checked(in_array($action->value, $also, true))>{{ $action->label() }}</label>
                                @endforeach
                            </details>
                            <x-wrong :field="$key . '.also.*'" />
                        @endif
                        <label for="note-{{ $step->block }}" class="mt-1">Note</label>
                        <input id="note-{{ $step->block }}" name="blocks[{{ $step->block }}][note]"
                            value="{{ old("{$key}.note", $block->note) }}" maxlength="200"
                            @if ($loop->first) data-key="n" data-does="Write a note for the first block" @endif>
                        <x-wrong :field="$key . '.note'" />
                    </div>
                    <p class="mt-1"><span class="hidden print:inline">{{ ucfirst($step->role->label()) }}.
                            {{ $step->note }}</span></p>
                    @if ($step->action !== null)
                        <p @class(['stop', 'halt' => $step->halts()])>
                            @if ($step->halts())
                            <strong>Halt: {{ $step->words() }}</strong>@else<span class="text-soft">goes on
                                    by itself</span>
                            @endif
                        </p>
                        <x-because about="Why">{{ ucfirst($step->because) }}.</x-because>
                    @else
                        <p class="stop text-soft">end</p>
                    @endif
                </li>
            @endforeach
        </ol>
        <p class="noprint mt-5 flex items-center gap-3"><button class="btn btn-main" data-key="k">Keep the sheet
                <kbd>k</kbd></button>
            @if ($open->isNotEmpty())
                <button class="btn" name="accept" value="1" data-key="a">Right as proposed
                    <kbd>a</kbd></button>
            @endif
            <button type="button" class="btn" data-print data-key="p">Print it <kbd>p</kbd></button>
            <span class="text-sm text-soft">The Floor shows these steps, and the machine is told where to halt.</span>
        </p>
    </form>
</x-layout>
