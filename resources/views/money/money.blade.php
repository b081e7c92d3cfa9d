@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $typed = static fn(?int $cents) => $cents === null ? '' : number_format($cents / 100, 2, '.', '');
    $m = static fn(?int $cents) => $cents === null ? '' : App\Shop\Figure::words($cents / 100, 2);
    $price = $money->priceCents();
    $planned = $money->plannedCents();
    $real = $money->realCents();
    $margin = $money->marginPercent($planned);
    $invoiced = $invoices->sum('cents');
    $words = static fn(Hakama\Money\CostCategory $about) => ucfirst(str_replace('_', ' ', $about->value));
@endphp
<x-layout station="orders" :title="'Money, order ' . $order->number">
    <x-slot:say>
        @if ($price === null)
            <span class="now">The price list has no price for it.</span>
        @else
            Sold for {{ $m($price) }}, costs {{ $m($planned) }}: a margin of {{ $n($margin ?? 0, 1) }} %.
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>What no. {{ $order->number }} costs and earns</h1>
        <span class="text-soft">{{ $order->customer->name }}, amounts in {{ $currency }}</span>
        <a class="ml-auto" href="{{ route('orders.show', $order) }}" data-key="b">Order {{ $order->number }}
            <kbd>b</kbd></a>
    </div>
    @if ($margin !== null && $margin < $money->wantedMargin)
        <p class="note note-caution mb-4">The house wants {{ $n($money->wantedMargin) }} %. To reach it the price would
            have to be {{ $m(Hakama\Money\Amount::of($planned)->times(100)->per(100 - $money->wantedMargin)->centsUp()) }}.</p>
    @endif
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)]">
        <section aria-label="Line by line">
            @foreach ($money->lines as $line)
                <h2 class="mb-1 mt-4"><x-swatch :hex="$line->line->colour_hex" />{{ $line->job->pieces }} ×
                    {{ $line->line->garmentLabel() }}</h2>
                @if ($line->missing !== [])
                    <p class="note note-caution mb-2 text-sm">Not in it yet: {{ implode(', ', $line->missing) }}, whose
                        artwork comes later.</p>
                @endif
                @if ($line->noPrice !== '')
                    <p class="now mb-2 text-sm">{{ $line->noPrice }}</p>
                @endif
                @include('money.risk', ['fabric' => $line->line->fabric, 'job' => $line->job])
                <table>
                    <thead>
                        <tr>
                            <th>What</th>
                            <th class="num">Planned</th>
                            @if ($line->real)
                                <th class="num">Real</th>
                                <th class="num">Other by</th>
                            @endif
                            <th>How it comes about</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($line->planned->lines as $row)
                            @php
                                $was = $line->real?->of($row->about, $row->decoration);
                                $by = $was === null ? null : $was - $row->cents;
                            @endphp
                            @continue($row->cents === 0 && !$was)
                            <tr>
                                <td>{{ $words($row->about) }}@if ($row->decoration !== null)
                                        <span class="block text-sm text-soft">{{ $row->decoration }}</span>
                                    @endif
                                </td>
                                <td class="num">{{ $m($row->cents) }}</td>
                                @if ($line->real)
                                    <td class="num">{{ $m($was) }}</td>
                                    <td class="num">{{ $by === 0 ? '' : ($by > 0 ? '+' : '−') . $m(abs($by)) }}</td>
                                @endif
                                <td class="text-sm text-soft">{{ $row->from }}</td>
                            </tr>
                        @endforeach
                        <tr class="font-semibold">
                            <td>Together</td>
                            <td class="num">{{ $m($line->planned->cents()) }}</td>
                            @if ($line->real)
                                <td class="num">{{ $m($line->real->cents()) }}</td>
                                <td class="num"></td>
                            @endif
                            <td class="text-sm font-normal text-soft">
                                @if ($line->quote)
                                    by the list {{ $m($line->quote->price) }}, {{ $m($line->quote->perPiece()) }} a
                                        piece
                                @endif
                            </td>
                        </tr>
                    </tbody>
                </table>
                @if ($line->quote && ($line->quote->steps !== [] || count($line->quote->without) > 1))
                    <p class="mt-1 text-sm">
                        @foreach ($line->quote->steps as $pieces => $cents)
                            {{ $pieces }} {{ $pieces === 1 ? 'piece' : 'pieces' }}: {{ $m($cents) }},
                            {{ $m(Hakama\Money\Amount::of($cents)->per($pieces)->cents()) }} each.
                        @endforeach
                        @if (count($line->quote->without) > 1)
                            @foreach ($line->quote->without as [$name, $cents])
                                Without {{ $name }}: {{ $m($cents) }}.
                            @endforeach
                        @endif
                    </p>
                @endif
                @if ($saved[$line->line->id] !== [])
                    <h3 class="mt-3 font-semibold">What would make it cheaper</h3>
                    <ul class="text-sm">
                        @foreach ($saved[$line->line->id] as [$words, $cents])
                            <li class="flex border-b border-hair py-1">{{ $words }}<span
                                    class="num ml-auto">costs {{ $m($cents) }} less</span></li>
                        @endforeach
                    </ul>
                @endif
            @endforeach
        </section>
        <section aria-label="Price and papers">
            <dl class="facts">
                <dt>Costs, as planned</dt>
                <dd>{{ $m($planned) }}</dd>
                @if ($real !== null)
                    <dt>Came to, what is sewn</dt>
                    <dd>{{ $m($real) }}</dd>
                @endif
                <dt>By the price list</dt>
                <dd>{{ $m($money->listCents()) }}</dd>
                <dt>Price</dt>
                <dd><strong>{{ $m($price) }}</strong></dd>
                @if ($price !== null)
                    <dt>Earns, as planned</dt>
                    <dd @class(['now' => $price < $planned])>{{ ($price < $planned
                        ? '−' : '') . $m(abs($price - $planned)) }},
                        {{ $n($margin ?? 0, 1) }} %</dd>
                    @if ($real !== null)
                        <dt>Earns, by what it came to</dt>
                        <dd @class(['now' => $price < $real])>{{ ($price < $real
                            ? '−' : '') . $m(abs($price - $real)) }},
                            {{ $n($money->marginPercent($real) ?? 0, 1) }} %</dd>
                    @endif
                @endif
            </dl>
            <form method="post" action="{{ route('orders.money', $order) }}" class="mt-4" novalidate>@csrf
                @method('put')
                <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
                <x-wrong field="seen" />
                @foreach ($money->lines as $line)
                    @php $field = "blank.{$line->line->id}"; @endphp
                    <label for="blank-{{ $line->line->id }}" class="mt-2">We pay for one
                        {{ $line->line->garmentLabel() }}</label>
                    <input id="blank-{{ $line->line->id }}" name="blank[{{ $line->line->id }}]" inputmode="decimal"
                        class="num" placeholder="the customer brings them"
                        value="{{ old($field, $typed($line->line->blank_cents)) }}"
                        @error($field) aria-invalid="true" aria-describedby="wrong-blank-{{ $line->line->id }}"
                            @enderror>
                    <x-wrong :field="$field" />
                @endforeach
                <div class="mt-2 grid grid-cols-2 gap-3">
                    <x-field name="artwork" label="Artwork, once" inputmode="decimal" class="num"
                        :value="$typed($order->artwork_cents ?: null)" />
                    <x-field name="agreed" label="Price agreed" inputmode="decimal" class="num"
                        placeholder="as worked out" :value="$typed($order->agreed_cents)" />
                </div>
                <button class="btn btn-main mt-3" data-key="s">Keep the amounts <kbd>s</kbd></button>
            </form>
            <h2 class="mb-1 mt-6">Papers</h2>
            <p class="flex flex-wrap gap-2">
                @if ($price !== null)
                    <a class="btn btn-small" href="{{ route('orders.quote', $order) }}" data-key="q">Quote
                        <kbd>q</kbd></a>
                @endif
                <a class="btn btn-small" href="{{ route('orders.story', $order) }}">Delivery slips</a>
            </p>
            <x-wrong field="form" />
            @foreach ($invoices as $invoice)
                <p class="mt-1 flex items-baseline gap-3 border-b border-hair py-1">
                    <a href="{{ route('invoices.paper', $invoice) }}">{{ $invoice->credits_id === null
                        ? 'Invoice' : 'Credit' }}
                        {{ $invoice->number }}</a>
                    <span class="text-sm text-soft">{{ $invoice->issued_at->format('j M Y') }}</span>
                    <span class="num ml-auto">{{ $m($invoice->cents) }}@if (!$invoice->tax()->isNone())
                            <span class="text-sm text-soft">and {{ $m($invoice->tax_cents) }} tax</span>
                        @endif
                    </span>
                    @if ($invoice->credits_id === null && $invoices->where('credits_id', $invoice->id)->isEmpty())
                        <form method="post" action="{{ route('invoices.credit', $invoice) }}">@csrf<input
                                type="hidden" name="form" value="{{ Str::uuid() }}"><button class="btn btn-small">Take
                                it back</button></form>
                    @endif
                </p>
            @endforeach
            @if ($price !== null && $price > $invoiced)
                <form method="post" action="{{ route('orders.invoice', $order) }}" class="mt-3">@csrf<input
                        type="hidden" name="form" value="{{ $form }}"><button class="btn" data-key="i">Write
                        the invoice over {{ $m($price - $invoiced) }} <kbd>i</kbd></button></form>
            @endif
            <x-because about="Where these figures come from">Minutes and thread by the setup and the tape, as in the
                plan; what an hour, a kilometre and a square metre cost by the <a href="/shop#machine_hour_cents">rules
                    of the house</a>; the price by the <a href="{{ route('prices.show') }}">price list</a>. Real
                is the machine’s own clock, every piece that was sewn, and what spoiled garments were worth.</x-because>
        </section>
    </div>
</x-layout>
