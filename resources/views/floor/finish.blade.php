@use('App\Foundation\Words\Dates')
@php
    $n = static fn(float $v) => App\Shop\Figure::words($v);
    $pieces = static fn(int $count) => __('floor.finish.pieces', ['count' => $count]);
    $finish = array_sum(array_map(static fn($row) => $row['pieces']->count(), $list->toFinish));
    $check = array_sum(array_map(static fn($row) => $row['pieces']->count(), $list->toCheck));
@endphp
<x-layout station="floor" :title="__('floor.finish.finishing')" :floor="true">
    <x-slot:say>
        @if ($finish + $check === 0)
            {{ __('floor.finish.everything_sewn_is_finished') }}
        @else
            {{ __('floor.finish.to_finish', [
                'finish' => App\Foundation\Words\Words::capital($pieces($finish)),
                'value' => $check > 0 ? __('floor.finish.to_inspect', ['check' => $pieces($check)]) : '',
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.finish.finishing') }}</h1>
        <a class="ms-auto" href="{{ route('floor.board') }}" data-key="o">{{ __('floor.finish.all_machines') }} <kbd>o</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">{{ __('floor.finish.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    <x-wrong field="who" /><x-wrong field="numbers" /><x-wrong field="cause" /><x-wrong field="note" /><x-wrong
        field="picture" /><x-wrong field="spot_x" />
    <div class="grid grid-cols-1 gap-8 md:grid-cols-2">
        <section aria-label="{{ __('floor.finish.to_finish_2') }}">
            <h2 class="mb-2">{{ __('floor.finish.to_finish_2') }}</h2>
            @forelse ($list->toFinish as $row)
                <form method="post" action="{{ route('floor.finish') }}" class="mb-5 border border-hair bg-paper p-4">
                    @csrf <input type="hidden" name="id" value="{{ Str::uuid() }}">
                    <p><strong>{{ $row['batch']->code }}</strong> {{ $row['batch']->decoration->artwork?->name }},
                        {{ $row['batch']->decoration->line->garmentLabel() }} <span class="text-base text-soft">{{ __('floor.finish.for_due_about_min', [
                            'name' => $row['batch']->decoration->line->order->customer->name,
                            'due_at' => Dates::dayTime($row['batch']->decoration->line->order->due_at),
                            'minutes' => $n(ceil($row['minutes'])),
                        ]) }}</span></p>
                    @if ($row['tasks'] !== [])
                        <p class="mt-1 text-base leading-snug">{{ implode(' ', $row['tasks']) }}</p>
                    @endif
                    @if ($row['pressed'])
                        <div class="mt-2 flex flex-wrap items-center gap-4"
                            data-timer="{{ $press[0] }} {{ $press[1] }} {{ $press[0] }}"
                            data-acts="{{ __('floor.finish.press_acts') }}">
                            <button type="button" class="btn" @if ($loop->first) data-key="t" @endif>{{ __('floor.finish.press_timed') }} @if ($loop->first)<kbd>t</kbd>@endif</button>
                            <output class="font-head text-xl font-semibold tabular-nums" role="timer"></output>
                        </div>
                    @endif
                    <div class="mt-2 grid grid-cols-2 gap-x-4">
                        @foreach ($row['pieces'] as $piece)
                            <label class="check"><input type="checkbox" name="numbers[]" value="{{ $piece->id }}"
                                    checked><span class="flex-1 text-base">{{ $piece->label() }}@if ($piece->text
                                        !== null)
                                        , <span class="spelling">{{ $piece->text }}</span>
                                        @endif @if ($piece->finish === Hakama\Floor\FinishState::Rework)
                                            <strong class="now">{{ __('floor.finish.to_fix') }}</strong>
                                        @endif
                                </span></label>
                        @endforeach
                    </div>
                    <div class="mt-3 flex items-center gap-3"><label class="sr-only"
                            for="who-{{ $row['batch']->id }}">{{ __('floor.finish.finished_by') }}</label><select
                            id="who-{{ $row['batch']->id }}" name="who" class="!w-40">
                            <option value="">{{ __('floor.finish.name') }}</option>
                            @foreach ($people as $name)
                                <option @selected(old('who', $who) === $name)>{{ $name }}</option>
                            @endforeach
                        </select><button type="submit" class="btn btn-main flex-1"
                            @if ($loop->first) data-key="f"
                                @endif>{{ __('floor.finish.finished') }} @if ($loop->first)<kbd>f</kbd>@endif</button>
                    </div>
                </form>
            @empty
                <p class="note">{{ __('floor.finish.pieces_off_the_machine_wait_here') }}
                </p>
            @endforelse
        </section>
        <section aria-label="{{ __('floor.finish.to_inspect_2') }}">
            <h2 class="mb-2">{{ __('floor.finish.to_inspect_2') }}</h2>
            @forelse ($list->toCheck as $row)
                <div class="mb-5 border border-hair bg-paper p-4">
                    <p><strong>{{ $row['batch']->code }}</strong> {{ $row['batch']->decoration->artwork?->name }},
                        {{ $row['batch']->decoration->line->garmentLabel() }}</p>
                    @if ($row['tasks'] !== [])
                        <p class="mt-1 text-base leading-snug">{{ implode(' ', $row['tasks']) }}</p>
                    @endif
                    @foreach ($row['pieces'] as $piece)
                        <form method="post" action="{{ route('floor.check', $piece) }}" enctype="multipart/form-data"
                            class="mt-3 border-t border-hair pt-3">@csrf <input type="hidden" name="id"
                                value="{{ Str::uuid() }}">
                            <p>{{ $piece->label() }}@if ($piece->text !== null)
                                    , <span class="spelling">{{ $piece->text }}</span>
                                @endif
                                <span class="text-base text-soft">{{ $piece->sewn_by === ''
                                    ? '' : __('floor.finish.sewn_by', ['sewn_by' => $piece->sewn_by]) }}</span>
                            </p>
                            <div class="mt-2 grid grid-cols-[10rem_1fr] gap-3">
                                <div><label class="sr-only" for="by-{{ $piece->id }}">{{ __('floor.finish.inspected_by') }}</label><select
                                        id="by-{{ $piece->id }}" name="who">
                                        <option value="">{{ __('floor.finish.name') }}</option>
                                        @foreach ($people as $name)
                                            @continue($rules->byAnother() && $name === $piece->sewn_by)
                                            <option @selected(old('who', $who) === $name)>{{ $name }}</option>
                                        @endforeach
                                    </select></div>
                                <div><label class="sr-only" for="note-{{ $piece->id }}">{{ __('floor.finish.what_to_fix') }}</label><input type="text" id="note-{{ $piece->id }}" name="note" maxlength="200"
                                        placeholder="{{ $row['wantsPicture'] ? __('floor.finish.what_to_fix_or_why_there')
                                            : __('floor.finish.what_to_fix_2') }}"></div>
                            </div>
                            <details class="mt-2 text-base" @if ($row['wantsPicture']) open @endif>
                                <summary>{{ $row['wantsPicture']
                                    ? __('floor.finish.first_of_its_batch_add_a')
                                    : __('floor.finish.add_a_picture_and_mark_the') }}</summary>
                                <div data-spot class="mt-2"><label for="picture-{{ $piece->id }}">{{ __('floor.finish.picture') }}</label><input
                                        id="picture-{{ $piece->id }}" type="file" name="picture" accept="image/*"
                                        capture="environment"><figure class="spot mt-2" tabindex="0" role="img"
                                        aria-label="{{ __('floor.finish.the_picture_touch_the_faulty_place') }}"
                                        hidden><img alt=""><i hidden></i></figure><input type="hidden"
                                        name="spot_x"><input type="hidden" name="spot_y"></div>
                            </details>
                            <div class="mt-2 grid grid-cols-2 gap-3">
                                <button type="submit" class="btn btn-main" name="verdict" value="good"
                                    @if ($loop->parent->first && $loop->first) data-key="g"
                                        @endif>{{ __('floor.finish.pass') }} @if ($loop->parent->first
                                            && $loop->first)<kbd>g</kbd>@endif</button>
                                <button type="submit" class="btn" name="verdict" value="rework">{{ __('floor.finish.needs_fixing') }}</button>
                            </div>
                            <div class="mt-2 grid grid-cols-[1fr_auto] gap-3"><label class="sr-only"
                                    for="cause-{{ $piece->id }}">{{ __('floor.finish.reason_for_rejecting') }}</label><select
                                    id="cause-{{ $piece->id }}" name="cause">
                                    <option value="">{{ __('floor.finish.reject_because') }}</option>
                                    @foreach (Hakama\Floor\SpoilCause::cases() as $cause)
                                        <option value="{{ $cause->value }}">{{ $cause->label() }}</option>
                                    @endforeach
                                </select><button type="submit" class="btn" name="verdict" value="reject">{{ __('floor.finish.sew_again') }}</button></div>
                        </form>
                    @endforeach
                </div>
            @empty
                <p class="note">
                    @if ($rules->byAnother())
                        {{ __('floor.finish.finished_pieces_that_someone_else_must') }}
                    @else
                        {{ __('floor.finish.the_operator_inspects_their_own_work') }}
                    @endif
                    <a href="/shop#check">{{ __('floor.finish.who_inspects') }}</a></p>
            @endforelse
            @if ($list->rates !== [])
                <h2 class="mb-1 mt-6" id="rates">{{ __('floor.finish.inspected_in_the_last_thirty_days') }}</h2>
                <p class="mb-1 flex flex-wrap gap-4 text-base">{{ __('floor.finish.by') }} @foreach (Hakama\Floor\BypassedStop::cases() as $one)
                        @if ($one === $by)
                            <strong aria-current="true">{{ $one->label() }}</strong>
                        @else
                            <a href="{{ route('floor.finish', ['by' => $one->value]) }}#rates">{{ $one->label() }}</a>
                        @endif
                    @endforeach
                </p>
                <table class="text-base">
                    <thead>
                        <tr>
                            <th>{{ App\Foundation\Words\Words::capital($by->label()) }}</th>
                            <th class="num">{{ __('floor.finish.pass_rate') }}</th>
                            <th class="num">{{ __('floor.finish.passed') }}</th>
                            <th class="num">{{ __('floor.finish.needs_fixing') }}</th>
                            <th class="num">{{ __('floor.finish.rejected') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($list->rates as $rate)
                            <tr>
                                <td>{{ $rate['of'] === '' ? __('floor.finish.unknown') : $rate['of'] }}</td>
                                <td class="num">{{ $rate['good'] }} %</td>
                                <td class="num">{{ $rate['passed'] }}</td>
                                <td class="num">{{ $rate['rework'] }}</td>
                                <td class="num">{{ $rate['rejected'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
    </div>
</x-layout>
