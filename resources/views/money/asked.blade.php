@use('App\Foundation\Words\Dates')
@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $m = static fn(int $cents) => App\Shop\Figure::words($cents / 100, 2);
@endphp
@if ($problem !== null)
    <p class="note note-now">{{ $problem }}</p>
@elseif ($quote !== null)
    @php $likely = $quote->likely; @endphp
    <p class="text-[28px] font-head font-semibold tabular-nums">{{ $m($likely->price) }} {{ $currency }} <span
            class="font-sans text-base font-normal text-soft">{{ __('money.asked.each', [
                'per_piece' => $m($likely->perPiece()),
            ]) }}</span></p>
    @if ($quote->isGuess())
        @php
            $guessed = [];
            foreach ($quote->designs as $i => $design) {
                if (! $design->stitches->isKnown) {
                    $guessed[] = __('money.asked.about_stitches', [
                        'which' => count($quote->designs) === 1 ? '' : [__('money.asked.first').' ', __('money.asked.second').' '][$i],
                        'likely' => $n($design->stitches->likely),
                        'least' => $n($design->stitches->least),
                        'most' => $n($design->stitches->most),
                    ]);
                }
            }
        @endphp
        <p class="mb-2">{{ __('money.asked.from_to_until_we_have_the', [
            'value' => App\Foundation\Words\Words::capital(implode('; ', $guessed)),
            'price' => $m($quote->least->price),
            'price_2' => $m($quote->most->price),
        ]) }}</p>
    @endif
    @php $margin = $likely->marginPercent() ?? 0; @endphp
    <p @class(['mb-3', 'now' => $margin < $wanted])>{{ __('money.asked.costs_earns_margin', [
        'cents' => $m($likely->cost->cents()),
        'value' => ($likely->profit() < 0 ? '−' : '') . $m(abs($likely->profit())),
        'margin' => $n($margin, 1),
        'value_2' => $margin < $wanted ? __('money.asked.below_the_house_target_of', ['wanted' => $n($wanted)]) : '',
    ]) }}</p>
    <p class="mb-3">
        @if ($odds?->promise === null)
            {{ __('money.asked.no_date_possible_no_flat_frame') }}
        @else
            <x-said key="money.asked.on_time_once_garments_and_stitch" :with="[
                'share' => $share,
            ]"><x-slot:strong><strong>{{ __('money.asked.promise', [
                'ceil_minutes' => Dates::dayTime(App\Foundation\Clock\ShopClock::time($odds->promise)->ceilMinutes(15)),
            ]) }}</strong></x-slot:strong></x-said>
        @endif
    </p>
    @if ($fabric !== null)
        @include('money.risk', ['job' => $likely->job])
    @endif
    <table>
        <thead>
            <tr>
                <th>{{ __('money.asked.cost') }}</th>
                <th class="num">{{ __('money.asked.amount') }}</th>
                <th>{{ __('money.asked.how_its_calculated') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($likely->cost->lines as $line)
                @continue($line->cents === 0)
                <tr>
                    @php $which = count($quote->designs) > 1 ? $line->decoration : null; @endphp
                    <td>{{ __('money.category.'.$line->about->value) }}{{ $which === null ? '' : ", {$which}" }}</td>
                    <td class="num">{{ $m($line->cents) }}</td>
                    <td class="text-sm text-soft">{{ $line->from }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($likely->steps !== [])
        <h2 class="mb-1 mt-4">{{ __('money.asked.other_quantities') }}</h2>
        <table>
            <tbody>
                @foreach ($likely->steps as $pieces => $cents)
                    <tr>
                        <td>{{ __('money.asked.garments', ['pieces' => $pieces]) }}</td>
                        <td class="num">{{ $m($cents) }}</td>
                        <td class="num">{{ __('money.asked.each_2', [
                            'cents' => $m(Hakama\Money\Amount::of($cents)->per($pieces)->cents()),
                        ]) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if (count($likely->without) > 1)
        @foreach (collect($likely->without)->unique(0) as [$what, $cents])
            @php $lessWords = $what === __('money.asked_price.one_position') ? __('money.asked.less_on_each') : __('money.asked.one_decoration_less'); @endphp
            <p @class(['mt-3' => $loop->first])>{{ __('money.asked.with_less', [
                'what' => $what,
                'less_words' => $lessWords,
                'cents' => $m($cents),
                'currency' => $currency,
                'price' => $m($likely->price - $cents),
            ]) }}</p>
        @endforeach
    @endif
    <form method="post" action="{{ route('orders.quotes.keep') }}" class="mt-5 flex items-end gap-3">@csrf
        <input type="hidden" name="form" value="{{ Str::uuid() }}">
        @php $fields = array_keys((new App\Money\Http\Requests\AskQuote())->rules()); @endphp
        @foreach (Illuminate\Support\Arr::only($asked, $fields) as $field => $value)
            <input type="hidden" name="{{ $field }}" value="{{ $value }}">
        @endforeach
        @if ($of)
            <input type="hidden" name="of" value="{{ $of->id }}">
        @endif
        <div class="flex-1"><label for="quote-customer">{{ __('money.asked.save_as_a_quote_for', [
            'value' => $of ? __('money.asked.a_new_version_of', ['of' => $of->label()]) : '',
        ]) }}</label><input type="text" id="quote-customer"
                name="customer" value="{{ old('customer', $of?->customer) }}" maxlength="120"
                @error('customer') aria-invalid="true" aria-describedby="wrong-customer" @enderror></div>
        <button type="submit" class="btn btn-main">{{ __('money.asked.save') }}</button>
    </form>
    <x-wrong field="customer" />
@endif
