@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $by = static fn(float $factor) => $factor === 1.0 ? 'as reckoned' : sprintf('%+.1f %%', 100 * ($factor - 1));
    $open = collect($offers)->filter->isOffered();
    $shifted = collect($offers)->filter(static fn($offer) => $offer->shifted);
@endphp
<x-layout station="books" title="What was learned">
    <x-slot:say>
        @if ($shifted->isNotEmpty())
            <span class="now">{{ $shifted->first()->machine->code }} no longer sews
                {{ $shifted->first()->fabric->label() }}
                as it did.</span>
        @elseif ($open->isNotEmpty())
            {{ $open->count() === 1 ? 'One time is' : $open->count() . ' times are' }} other than reckoned.
        @elseif (collect($rules)->contains(fn($rule) => $rule->isOffered()))
            Loads take what is reckoned; {{ lcfirst(collect($rules)->first(fn($rule) => $rule->isOffered())->label) }}
            {{ collect($rules)->filter(fn($rule) => $rule->isOffered())->count() === 1
                ? 'is' : 'and another figure are' }} other by the log.
        @else
            Loads take what is reckoned, as far as it is logged.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>What was learned</h1><span class="text-soft">how long it really takes, how often it goes wrong</span>
        <a class="ml-auto" href="{{ route('books.show') }}" data-key="b">Books <kbd>b</kbd></a>
    </div>
    <x-wrong field="offered" />
    @if ($offers === [])
        <p class="note">As soon as loads are sewn, how long they took stands here beside what was reckoned.</p>
    @else
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>Machine</th>
                    <th>Cloth</th>
                    <th class="num">Loads</th>
                    <th class="num">Took</th>
                    <th class="num">Spread</th>
                    <th class="num">Reckoned now</th>
                    <th class="num">Would be</th>
                    <th>In the plan</th>
                    <th><span class="sr-only">Decide</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($offers as $i => $offer)
                    <tr>
                        <td>{{ $offer->machine->code }}</td>
                        <td>{{ $offer->fabric->label() }}@if ($offer->shifted)
                                <span class="now block text-sm">the last five go otherwise than before: look at the
                                    machine first</span>
                            @endif
                        </td>
                        @if ($offer->learned === null)
                            <td class="num text-soft" colspan="3">none since it was taken</td>
                        @else
                            <td class="num">{{ $offer->learned->n }}</td>
                            <td class="num">{{ $by($offer->learned->factor) }}</td>
                            <td class="num">± {{ $n(100 * $offer->learned->spread, 1) }} %</td>
                        @endif
                        <td class="num">{{ $by($offer->inForce) }}</td>
                        <td class="num">{{ $offer->isOffered() ? $by($offer->offered()) : '' }}</td>
                        <td class="text-sm">
                            @if ($offer->isOffered() && $brings[$i][0] > 0)
                                {{ $brings[$i][0] }} {{ $brings[$i][0] === 1 ? 'batch' : 'batches' }},
                                {{ $n(abs($brings[$i][1]), 1) }} min {{ $brings[$i][1] < 0 ? 'less' : 'more' }}
                            @endif
                        </td>
                        <td>
                            <form method="post" action="{{ route('books.learned') }}" class="flex gap-2">@csrf
                                @method('put')
                                <input type="hidden" name="machine" value="{{ $offer->machine->code }}"><input
                                    type="hidden" name="fabric" value="{{ $offer->fabric->value }}"><input
                                    type="hidden" name="offered" value="{{ $offer->offered() }}">
                                @if ($offer->isOffered())
                                    <button class="btn btn-small" name="do" value="take"
                                        @if ($loop->first) data-key="t"
                                            @endif>Take it @if ($loop->first)<kbd>t</kbd>@endif</button>
                                    <button class="btn btn-small" name="do" value="leave">Leave it</button>
                                @endif
                                @if ($offer->inForce !== 1.0)
                                    <button class="btn btn-small" name="do" value="back">Reckon as before</button>
                                @endif
                            </form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because about="How it is worked out">From the last twenty loads of each machine and cloth that did not stand
            longer than ten minutes: all they took over all that was reckoned, with three loads that went as reckoned put
            to both, so that little experience says little. Nothing changes before somebody takes it; loads before that
            no longer count.</x-because>
    @endif
    <h2 class="mb-1 mt-8">Figures of the house</h2>
    @foreach (session('taken', []) as $seq)
        <form method="post" action="{{ route('shop.undo', $seq) }}" class="mb-3">@csrf<button class="btn btn-small"
                @if ($loop->first) data-key="u" @endif>Take it back @if ($loop->first)<kbd>u</kbd>@endif</button></form>
    @endforeach
    @if ($rules === [])
        <p class="note">Hooping, breaks, spoilage and bobbins are held against the house rules once they are logged.</p>
    @else
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>Of</th>
                    <th>Now and by the log</th>
                    <th>From</th>
                    <th class="w-[24rem]">By whom and what</th>
                    <th>If it were taken</th>
                    <th><span class="sr-only">Decide</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($rules as $offer)
                    <tr>
                        <td>{{ $offer->label }}</td>
                        <td>
                            @foreach ($offer->words() as $line)
                                <span class="block">{{ Str::after($line, ': ') }}</span>
                            @endforeach
                            <span class="text-sm text-soft">{{ $offer->spread }}</span>
                        </td>
                        <td class="text-sm">{{ $offer->from }}</td>
                        <td class="text-sm">
                            @foreach ($offer->rows as [$of, $says, $isShifted])
                                <span class="block">{{ $of }}: {{ $says }}@if ($isShifted)
                                        <span class="now">, other than before of late</span>
                                    @endif
                                </span>
                            @endforeach
                        </td>
                        <td class="text-sm">{{ $offer->brings }}</td>
                        <td>
                            @if ($offer->isOffered())
                                <form method="post" action="{{ route('books.learned.rule') }}" class="flex gap-2">@csrf
                                    @method('put')<input type="hidden" name="about" value="{{ $offer->about }}"><input
                                        type="hidden" name="figures" value="{{ $offer->sign() }}"><button
                                        class="btn btn-small whitespace-nowrap" name="do" value="take">Take it<span
                                            class="sr-only">:
                                            {{ $offer->label }}</span></button><button
                                                class="btn btn-small whitespace-nowrap" name="do"
                                        value="leave">Leave it</button></form>
                            @else
                                <span class="text-sm text-soft">as reckoned</span>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because about="How they are worked out">From the last four months: hooping is what lies between two
            touches of the
            same person at the same batch; breaks and spoilage are counted against stitches and pieces, with some that went
            as reckoned put to them; where more breaks than chance would have it, it says so; bobbin
            thread by least squares over what each bobbin had sewn when it ran out. What is
            taken becomes the house rule, and is taken back like any change of it.</x-because>
    @endif
    @if ($cloths !== [])
        <h2 class="mb-1 mt-8">Spoiled, by cloth</h2>
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>Cloth</th>
                    <th class="num">Spoiled</th>
                    <th class="num">Spread</th>
                    <th class="num">Reckoned now</th>
                    <th class="num">Would be</th>
                    <th>In quotes</th>
                    <th><span class="sr-only">Decide</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($cloths as $offer)
                    <tr>
                        <td>{{ $offer->fabric->label() }}</td>
                        @if ($offer->learned === null)
                            <td class="num text-soft" colspan="2">none of late</td>
                        @else
                            <td class="num">{{ $offer->learned->n }} of {{ $n($offer->learned->of) }}</td>
                            <td class="num">± {{ $n(100 * $offer->learned->spread, 1) }} %</td>
                        @endif
                        <td class="num">{{ $n($offer->inForce(), 1) }} %{{ $offer->own === null ? ', the house’s' : '' }}</td>
                        <td class="num">{{ $offer->isOffered() ? $n($offer->offered(), 1) . ' %' : '' }}</td>
                        <td class="text-sm">
                            @if ($offer->isOffered() && $offer->open > 0)
                                of {{ $n($offer->open) }} open pieces
                                {{ $n(($offer->open * $offer->offered()) / 100, 1) }} would be reckoned as spoiled, not
                                {{ $n(($offer->open * $offer->inForce()) / 100, 1) }}
                            @elseif (! $offer->isOffered() && $offer->own === null)
                                <span class="text-soft">too few pieces, or as reckoned</span>
                            @endif
                        </td>
                        <td>
                            <form method="post" action="{{ route('books.learned.cloth') }}" class="flex gap-2">@csrf
                                @method('put')
                                <input type="hidden" name="fabric" value="{{ $offer->fabric->value }}"><input
                                    type="hidden" name="offered" value="{{ $offer->offered() }}">
                                @if ($offer->isOffered())
                                    <button class="btn btn-small whitespace-nowrap" name="do" value="take">Take it<span
                                            class="sr-only"> for {{ $offer->fabric->label() }}</span></button>
                                    <button class="btn btn-small whitespace-nowrap" name="do" value="leave">Leave
                                        it</button>
                                @endif
                                @if ($offer->own !== null)
                                    <button class="btn btn-small whitespace-nowrap" name="do" value="back">Reckon like
                                        the others</button>
                                @endif
                            </form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because about="How much of it counts">Pieces spoiled or rejected, of all that were sewn on the cloth in the
            last four months, with twenty as the house reckons put to both. Fewer than twenty pieces are shown and not
            offered.</x-because>
    @endif
</x-layout>
