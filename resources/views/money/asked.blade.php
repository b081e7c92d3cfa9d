@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $m = static fn(int $cents) => App\Shop\Figure::words($cents / 100, 2);
@endphp
@if ($problem !== null)
    <p class="note note-now">{{ $problem }}</p>
@elseif ($quote !== null)
    @php $likely = $quote->likely; @endphp
    <p class="text-[28px] font-head font-semibold tabular-nums">{{ $m($likely->price) }} {{ $currency }} <span
            class="font-sans text-base font-normal text-soft">{{ $m($likely->perPiece()) }} each</span></p>
    @if ($quote->isGuess())
        @php
            $guessed = [];
            foreach ($quote->designs as $i => $design) {
                if (! $design->stitches->isKnown) {
                    $guessed[] = (count($quote->designs) === 1 ? '' : ['the first ', 'the second '][$i])
                        . "about {$n($design->stitches->likely)} stitches, {$n($design->stitches->least)} to "
                        . $n($design->stitches->most);
                }
            }
        @endphp
        <p class="mb-2">{{ ucfirst(implode('; ', $guessed)) }}: from {{ $m($quote->least->price) }} to
            {{ $m($quote->most->price) }}, until the tape is in.</p>
    @endif
    @php $margin = $likely->marginPercent() ?? 0; @endphp
    <p @class(['mb-3', 'now' => $margin < $wanted])>Costs {{ $m($likely->cost->cents()) }}, earns
        {{ ($likely->profit() < 0 ? '−' : '') . $m(abs($likely->profit())) }}: a margin of
        {{ $n($margin, 1) }} %{{ $margin < $wanted ? ", below the {$n($wanted)} % the house wants" : '' }}.</p>
    <p class="mb-3">
        @if ($odds?->promise === null)
            By when is not to be said: no flat frame is large enough, or the days that are planned are full.
        @else
            <strong>To promise:
                {{ App\Foundation\Clock\ShopClock::time($odds->promise)->ceilMinutes(15)->format('D j M, H:i') }}</strong>, kept in
            {{ $share }} % of cases, once garments and tape are here; behind all that is planned.
        @endif
    </p>
    @if ($fabric !== null)
        @include('money.risk', ['job' => $likely->job])
    @endif
    <table>
        <thead>
            <tr>
                <th>Cost</th>
                <th class="num">Amount</th>
                <th>How it comes about</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($likely->cost->lines as $line)
                @continue($line->cents === 0)
                <tr>
                    @php $which = count($quote->designs) > 1 ? $line->decoration : null; @endphp
                    <td>{{ ucfirst(str_replace('_', ' ', $line->about->value)) }}{{ $which === null ? '' : ", {$which}" }}</td>
                    <td class="num">{{ $m($line->cents) }}</td>
                    <td class="text-sm text-soft">{{ $line->from }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($likely->steps !== [])
        <h2 class="mb-1 mt-4">Other quantities</h2>
        <table>
            <tbody>
                @foreach ($likely->steps as $pieces => $cents)
                    <tr>
                        <td>{{ $pieces }} garments</td>
                        <td class="num">{{ $m($cents) }}</td>
                        <td class="num">{{ $m(Hakama\Money\Amount::of($cents)->per($pieces)->cents()) }} each</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if (count($likely->without) > 1)
        @foreach (collect($likely->without)->unique(0) as [$what, $cents])
            @php $lessWords = $what === 'one place' ? 'less on each' : 'in one place less'; @endphp
            <p @class(['mt-3' => $loop->first])>With {{ $what }} {{ $lessWords }}: {{ $m($cents) }} {{ $currency }},
                {{ $m($likely->price - $cents) }} less.</p>
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
        <div class="flex-1"><label for="quote-customer">Keep it as a
                quote{{ $of ? ", a new version of {$of->label()}" : '' }}, for</label><input id="quote-customer"
                name="customer" value="{{ old('customer', $of?->customer) }}" maxlength="120"
                @error('customer') aria-invalid="true" aria-describedby="wrong-customer" @enderror></div>
        <button class="btn btn-main">Keep it</button>
    </form>
    <x-wrong field="customer" />
@endif
