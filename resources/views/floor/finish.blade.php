@php
    $n = static fn(float $v) => App\Shop\Figure::words($v);
    $pieces = static fn(int $count) => $count === 1 ? 'one piece' : "{$count} pieces";
    $finish = array_sum(array_map(static fn($row) => $row['pieces']->count(), $list->toFinish));
    $check = array_sum(array_map(static fn($row) => $row['pieces']->count(), $list->toCheck));
@endphp
<x-layout station="floor" title="Finish and check" :floor="true">
    <x-slot:say>
        @if ($finish + $check === 0)
            Everything that was sewn is finished.
        @else
            {{ ucfirst($pieces($finish)) }} to finish{{ $check > 0 ? ', ' . $pieces($check) . ' to look at' : '' }}.
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>Finish and check</h1>
        <a class="ml-auto" href="{{ route('floor.board') }}" data-key="o">All machines <kbd>o</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    <x-wrong field="who" /><x-wrong field="numbers" /><x-wrong field="cause" /><x-wrong field="note" /><x-wrong
        field="picture" /><x-wrong field="spot_x" />
    <div class="grid grid-cols-1 gap-8 md:grid-cols-2">
        <section aria-label="To finish">
            <h2 class="mb-2">To finish</h2>
            @forelse ($list->toFinish as $row)
                <form method="post" action="{{ route('floor.finish') }}" class="mb-5 border border-hair bg-paper p-4">
                    @csrf <input type="hidden" name="id" value="{{ Str::uuid() }}">
                    <p><strong>{{ $row['batch']->code }}</strong> {{ $row['batch']->decoration->artwork?->name }},
                        {{ $row['batch']->decoration->line->garmentLabel() }} <span class="text-base text-soft">for
                            {{ $row['batch']->decoration->line->order->customer->name }}, due
                            {{ $row['batch']->decoration->line->order->due_at->format('D j M, H:i') }}; about
                            {{ $n(ceil($row['minutes'])) }} min</span></p>
                    @if ($row['tasks'] !== [])
                        <p class="mt-1 text-base leading-snug">{{ implode(' ', $row['tasks']) }}</p>
                    @endif
                    @if ($row['pressed'])
                        <div class="mt-2 flex flex-wrap items-center gap-4"
                            data-timer="{{ $press[0] }} {{ $press[1] }} {{ $press[0] }}"
                            data-acts="press|let it cool|turned over, press">
                            <button type="button" class="btn" @if ($loop->first) data-key="t" @endif>Press, by the
                                clock @if ($loop->first)<kbd>t</kbd>@endif</button>
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
                                            <strong class="now">to put right</strong>
                                        @endif
                                </span></label>
                        @endforeach
                    </div>
                    <div class="mt-3 flex items-center gap-3"><label class="sr-only"
                            for="who-{{ $row['batch']->id }}">Finished by</label><select
                            id="who-{{ $row['batch']->id }}" name="who" class="!w-40">
                            <option value="">by whom</option>
                            @foreach ($people as $name)
                                <option @selected(old('who', $who) === $name)>{{ $name }}</option>
                            @endforeach
                        </select><button class="btn btn-main flex-1"
                            @if ($loop->first) data-key="f"
                                @endif>Finished @if ($loop->first)<kbd>f</kbd>@endif</button>
                    </div>
                </form>
            @empty
                <p class="note">What is taken off a machine stands here until backing, film, tails and marks are off.
                </p>
            @endforelse
        </section>
        <section aria-label="To look at">
            <h2 class="mb-2">To look at</h2>
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
                                    ? '' : "sewn by {$piece->sewn_by}" }}</span>
                            </p>
                            <div class="mt-2 grid grid-cols-[10rem_1fr] gap-3">
                                <div><label class="sr-only" for="by-{{ $piece->id }}">Looked at by</label><select
                                        id="by-{{ $piece->id }}" name="who">
                                        <option value="">by whom</option>
                                        @foreach ($people as $name)
                                            @continue($rules->byAnother() && $name === $piece->sewn_by)
                                            <option @selected(old('who', $who) === $name)>{{ $name }}</option>
                                        @endforeach
                                    </select></div>
                                <div><label class="sr-only" for="note-{{ $piece->id }}">What is to be put
                                        right</label><input id="note-{{ $piece->id }}" name="note" maxlength="200"
                                        placeholder="{{ $row['wantsPicture'] ? 'what is to be put right, or why no picture'
                                            : 'what is to be put right' }}"></div>
                            </div>
                            <details class="mt-2 text-base" @if ($row['wantsPicture']) open @endif>
                                <summary>{{ $row['wantsPicture']
                                    ? 'The first of its batch: with a picture of it, or a word above why there is none'
                                    : 'With a picture, and where on it' }}</summary>
                                <div data-spot class="mt-2"><label for="picture-{{ $piece->id }}">Picture</label><input
                                        id="picture-{{ $piece->id }}" type="file" name="picture" accept="image/*"
                                        capture="environment"><figure class="spot mt-2" tabindex="0" role="img"
                                        aria-label="The picture: touch the place that is meant, or move it with the arrow keys"
                                        hidden><img alt=""><i hidden></i></figure><input type="hidden"
                                        name="spot_x"><input type="hidden" name="spot_y"></div>
                            </details>
                            <div class="mt-2 grid grid-cols-2 gap-3">
                                <button class="btn btn-main" name="verdict" value="good"
                                    @if ($loop->parent->first && $loop->first) data-key="g"
                                        @endif>Good @if ($loop->parent->first
                                            && $loop->first)<kbd>g</kbd>@endif</button>
                                <button class="btn" name="verdict" value="rework">Put it right</button>
                            </div>
                            <div class="mt-2 grid grid-cols-[1fr_auto] gap-3"><label class="sr-only"
                                    for="cause-{{ $piece->id }}">Why it is not good</label><select
                                    id="cause-{{ $piece->id }}" name="cause">
                                    <option value="">not good, because</option>
                                    @foreach (Hakama\Floor\SpoilCause::cases() as $cause)
                                        <option value="{{ $cause->value }}">{{ $cause->label() }}</option>
                                    @endforeach
                                </select><button class="btn" name="verdict" value="reject">Sew it again</button></div>
                        </form>
                    @endforeach
                </div>
            @empty
                <p class="note">
                    @if ($rules->byAnother())
                        Finished pieces that another pair of eyes has to look at stand here.
                    @else
                        The house lets whoever sewed it look; who else is to look is a school of the house.
                    @endif
                    <a href="/shop#check">Who looks at what is sewn</a></p>
            @endforelse
            @if ($list->rates !== [])
                <h2 class="mb-1 mt-6" id="rates">Looked at in the last thirty days</h2>
                <p class="mb-1 flex flex-wrap gap-4 text-base">By @foreach (Hakama\Floor\BypassedStop::cases() as $one)
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
                            <th>{{ ucfirst($by->label()) }}</th>
                            <th class="num">Of looks, good</th>
                            <th class="num">Passed</th>
                            <th class="num">Put right</th>
                            <th class="num">Not good</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($list->rates as $rate)
                            <tr>
                                <td>{{ $rate['of'] === '' ? 'not known' : $rate['of'] }}</td>
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
