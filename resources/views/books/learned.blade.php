@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $by = static fn(float $factor) => $factor === 1.0 ? __('books.learned.as_planned') : App\Shop\Figure::signed(100 * ($factor - 1), 1) . ' %';
    $open = collect($offers)->filter->isOffered();
    $shifted = collect($offers)->filter(static fn($offer) => $offer->shifted);
@endphp
<x-layout station="books" :title="__('books.learned.what_the_log_shows')">
    <x-slot:say>
        @if ($shifted->isNotEmpty())
            <span class="now">{{ __('books.learned.no_longer_sews_as_fast_or', [
                'code' => $shifted->first()->machine->code,
                'fabric' => $shifted->first()->fabric->label(),
            ]) }}</span>
        @elseif ($open->isNotEmpty())
            {{ __('books.learned.drifted_from_the_plan', [
                'value' => $open->count() === 1 ? __('books.learned.one_time_has') : __('books.learned.times_have', [
                    'count' => $open->count(),
                ]),
            ]) }}
        @elseif (collect($rules)->contains(fn($rule) => $rule->isOffered()))
            {{ __('books.learned.sewing_times_match_the_plan_drifted', [
                'label' => App\Foundation\Words\Words::small(collect($rules)->first(fn($rule) => $rule->isOffered())->label),
                'count' => collect($rules)->filter(fn($rule) => $rule->isOffered())->count(),
            ]) }}
        @else
            {{ __('books.learned.sewing_times_match_the_plan_so') }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('books.learned.what_the_log_shows') }}</h1><span class="text-soft">{{ __('books.learned.how_long_work_really_takes_how') }}</span>
        <a class="ms-auto" href="{{ route('books.show') }}" data-key="b">{{ __('books.learned.books') }} <kbd>b</kbd></a>
    </div>
    <x-wrong field="offered" />
    @if ($offers === [])
        <p class="note">{{ __('books.learned.measured_times_appear_here_beside_the') }}</p>
    @else
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>{{ __('books.learned.machine') }}</th>
                    <th>{{ __('books.learned.cloth') }}</th>
                    <th class="num">{{ __('books.learned.loads') }}</th>
                    <th class="num">{{ __('books.learned.took') }}</th>
                    <th class="num">{{ __('books.learned.spread') }}</th>
                    <th class="num">{{ __('books.learned.used_now') }}</th>
                    <th class="num">{{ __('books.learned.measured') }}</th>
                    <th>{{ __('books.learned.effect_on_the_plan') }}</th>
                    <th><span class="sr-only">{{ __('books.learned.decide') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($offers as $i => $offer)
                    <tr>
                        <td>{{ $offer->machine->code }}</td>
                        <td>{{ $offer->fabric->label() }}@if ($offer->shifted)
                                <span class="now block text-sm">{{ __('books.learned.the_last_five_differ_from_before') }}</span>
                            @endif
                        </td>
                        @if ($offer->learned === null)
                            <td class="num text-soft" colspan="3">{{ __('books.learned.none_since_the_last_change') }}</td>
                        @else
                            <td class="num">{{ $offer->learned->n }}</td>
                            <td class="num">{{ $by($offer->learned->factor) }}</td>
                            <td class="num">± {{ $n(100 * $offer->learned->spread, 1) }} %</td>
                        @endif
                        <td class="num">{{ $by($offer->inForce) }}</td>
                        <td class="num">{{ $offer->isOffered() ? $by($offer->offered()) : '' }}</td>
                        <td class="text-sm">
                            @if ($offer->isOffered() && $brings[$i][0] > 0)
                                {{ __('books.learned.batches_min', [
                                    'brings' => $brings[$i][0],
                                    'brings_2' => $n(abs($brings[$i][1]), 1),
                                    'value' => $brings[$i][1] < 0 ? __('books.learned.less') : __('books.learned.more'),
                                ]) }}
                            @endif
                        </td>
                        <td>
                            @if ($offer->isOffered() || $offer->inForce !== 1.0)
                                <form method="post" action="{{ route('books.learned') }}" class="flex gap-2">@csrf
                                    @method('put')
                                    <input type="hidden" name="machine" value="{{ $offer->machine->code }}"><input
                                        type="hidden" name="fabric" value="{{ $offer->fabric->value }}"><input
                                        type="hidden" name="offered" value="{{ $offer->offered() }}">
                                    @if ($offer->isOffered())
                                        <button type="submit" class="btn btn-small" name="do" value="take"
                                            @if ($loop->first) data-key="t"
                                                @endif>{{ __('books.learned.use_it') }} @if ($loop->first)<kbd>t</kbd>@endif</button>
                                        <button type="submit" class="btn btn-small" name="do" value="leave">{{ __('books.learned.dismiss') }}</button>
                                    @endif
                                    @if ($offer->inForce !== 1.0)
                                        <button type="submit" class="btn btn-small" name="do" value="back">{{ __('books.learned.use_the_old_figure_again') }}</button>
                                    @endif
                                </form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because :about="__('books.learned.how_its_calculated')">{{ __('books.learned.from_the_last_twenty_loads_per') }}</x-because>
    @endif
    <h2 class="mb-1 mt-8">{{ __('books.learned.house_figures') }}</h2>
    @foreach (session('taken', []) as $seq)
        <form method="post" action="{{ route('shop.undo', $seq) }}" class="mb-3">@csrf<button type="submit"
            class="btn btn-small"
                @if ($loop->first)
                    data-key="u" @endif>{{ __('books.learned.undo') }} @if ($loop->first)<kbd>u</kbd>@endif</button></form>
    @endforeach
    @if ($rules === [])
        <p class="note">{{ __('books.learned.hooping_breaks_spoilage_and_bobbins_are') }}</p>
    @else
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>{{ __('books.learned.figure') }}</th>
                    <th>{{ __('books.learned.used_now_and_measured') }}</th>
                    <th>{{ __('books.learned.from') }}</th>
                    <th class="w-[24rem]">{{ __('books.learned.breakdown') }}</th>
                    <th>{{ __('books.learned.effect_on_the_plan') }}</th>
                    <th><span class="sr-only">{{ __('books.learned.decide') }}</span></th>
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
                                        <span class="now">{{ __('books.learned.changed_lately') }}</span>
                                    @endif
                                </span>
                            @endforeach
                        </td>
                        <td class="text-sm">{{ $offer->brings }}</td>
                        <td>
                            @if ($offer->isOffered())
                                <form method="post" action="{{ route('books.learned.rule') }}" class="flex gap-2">@csrf
                                    @method('put')<input type="hidden" name="about" value="{{ $offer->about }}"><input
                                        type="hidden" name="figures" value="{{ $offer->sign() }}"><button type="submit"
                                        class="btn btn-small whitespace-nowrap" name="do"
                                            value="take">{{ __('books.learned.use_it') }}<span
                                            class="sr-only">:
                                            {{ $offer->label }}</span></button><button type="submit"
                                                class="btn btn-small whitespace-nowrap" name="do"
                                        value="leave">{{ __('books.learned.dismiss') }}</button></form>
                            @else
                                <span class="text-sm text-soft">{{ __('books.learned.as_planned') }}</span>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because
            :about="__('books.learned.how_theyre_calculated')">{{ __('books.learned.from_the_last_four_months_hooping') }}</x-because>
    @endif
    @if ($cloths !== [])
        <h2 class="mb-1 mt-8">{{ __('books.learned.spoilage_by_cloth') }}</h2>
        <div class="relative overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>{{ __('books.learned.cloth') }}</th>
                    <th class="num">{{ __('books.learned.spoiled') }}</th>
                    <th class="num">{{ __('books.learned.spread') }}</th>
                    <th class="num">{{ __('books.learned.used_now') }}</th>
                    <th class="num">{{ __('books.learned.measured') }}</th>
                    <th>{{ __('books.learned.in_quotes') }}</th>
                    <th><span class="sr-only">{{ __('books.learned.decide') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($cloths as $offer)
                    <tr>
                        <td>{{ $offer->fabric->label() }}</td>
                        @if ($offer->learned === null)
                            <td class="num text-soft" colspan="2">{{ __('books.learned.none_lately') }}</td>
                        @else
                            <td class="num">{{ __('common.counts.of', [
                                'some' => $offer->learned->n,
                                'all' => $n($offer->learned->of),
                            ]) }}</td>
                            <td class="num">± {{ $n(100 * $offer->learned->spread, 1) }} %</td>
                        @endif
                        <td
                            class="num">{{ $n($offer->inForce(), 1) }} %{{ $offer->own === null ? __('books.learned.house_figure') : '' }}</td>
                        <td class="num">{{ $offer->isOffered() ? $n($offer->offered(), 1) . ' %' : '' }}</td>
                        <td class="text-sm">
                            @if ($offer->isOffered() && $offer->open > 0)
                                {{ __('books.learned.open_pieces_expected_to_be_spoiled', [
                                    'open' => $n($offer->open),
                                    'open_2' => $n(($offer->open * $offer->offered()) / 100, 1),
                                    'open_3' => $n(($offer->open * $offer->inForce()) / 100, 1),
                                ]) }}
                            @elseif (! $offer->isOffered() && $offer->own === null)
                                <span class="text-soft">{{ __('books.learned.too_few_pieces_or_as_planned') }}</span>
                            @endif
                        </td>
                        <td>
                            @if ($offer->isOffered() || $offer->own !== null)
                                <form method="post" action="{{ route('books.learned.cloth') }}" class="flex gap-2">@csrf
                                    @method('put')
                                    <input type="hidden" name="fabric" value="{{ $offer->fabric->value }}"><input
                                        type="hidden" name="offered" value="{{ $offer->offered() }}">
                                    @if ($offer->isOffered())
                                        <button type="submit" class="btn btn-small whitespace-nowrap" name="do"
                                            value="take">{{ __('books.learned.use_it') }}<span
                                                class="sr-only"> {{ __('books.learned.for', [
                                                    'fabric' => $offer->fabric->label(),
                                                ]) }}</span></button>
                                        <button type="submit" class="btn btn-small whitespace-nowrap" name="do"
                                            value="leave">{{ __('books.learned.dismiss') }}</button>
                                    @endif
                                    @if ($offer->own !== null)
                                        <button type="submit" class="btn btn-small whitespace-nowrap" name="do"
                                            value="back">{{ __('books.learned.use_the_house_figure') }}</button>
                                    @endif
                                </form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <x-because
            :about="__('books.learned.how_much_of_it_counts')">{{ __('books.learned.pieces_spoiled_or_rejected_out_of') }}</x-because>
    @endif
</x-layout>
