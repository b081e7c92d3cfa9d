@use('App\Foundation\Words\Dates')
@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $typed = static fn(?int $cents) => $cents === null ? '' : number_format($cents / 100, 2, '.', '');
    $m = static fn(?int $cents) => $cents === null ? '' : App\Shop\Figure::words($cents / 100, 2);
    $price = $money->priceCents();
    $planned = $money->plannedCents();
    $real = $money->realCents();
    $margin = $money->marginPercent($price, $planned);
    $invoiced = $invoices->sum('cents');
    $words = static fn(Hakama\Money\CostCategory $about) => __('money.category.'.$about->value);
@endphp
<x-layout station="orders" :title="__('money.money.money_order', ['number' => $order->number])">
    <x-slot:say>
        @if ($price === null)
            <span class="now">{{ __('money.money.the_price_list_has_no_price') }}</span>
        @else
            {{ __('money.money.price_cost_margin', [
                'price' => $m($price),
                'planned' => $m($planned),
                'margin' => $n($margin ?? 0, 1),
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('money.money.cost_and_profit_of_no', ['number' => $order->number]) }}</h1>
        <span class="text-soft">{{ __('money.money.amounts_in', [
            'name' => $order->customer->name,
            'currency' => $currency,
        ]) }}</span>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('money.money.order', [
            'number' => $order->number,
        ]) }}
            <kbd>b</kbd></a>
    </div>
    @if ($margin !== null && $margin < $money->wantedMargin)
        <p class="note note-caution mb-4">{{ __('money.money.the_house_target_is_that_would', [
            'wanted_margin' => $n($money->wantedMargin),
            'cents_up' => $m(Hakama\Money\Amount::of($planned)->times(100)->per(100 - $money->wantedMargin)->centsUp()),
        ]) }}</p>
    @endif
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)]">
        <section aria-label="{{ __('money.money.line_by_line') }}">
            @foreach ($money->lines as $line)
                <h2 class="mb-1 mt-4"><x-swatch :hex="$line->line->colour_hex" />{{ $line->job->pieces }} ×
                    {{ $line->line->garmentLabel() }}</h2>
                @if ($line->missing !== [])
                    <p class="note note-caution mb-2 text-sm">{{ __('money.money.not_included_artwork_to_follow', [
                        'value' => implode(', ', $line->missing),
                    ]) }}</p>
                @endif
                @if ($line->noPrice !== '')
                    <p class="now mb-2 text-sm">{{ $line->noPrice }}</p>
                @endif
                @include('money.risk', ['fabric' => $line->line->fabric, 'job' => $line->job])
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('money.money.item') }}</th>
                            <th class="num">{{ __('money.money.planned') }}</th>
                            @if ($line->real)
                                <th class="num">{{ __('money.money.actual') }}</th>
                                <th class="num">{{ __('money.money.difference') }}</th>
                            @endif
                            <th>{{ __('money.money.how_its_calculated') }}</th>
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
                            <td>{{ __('money.money.total') }}</td>
                            <td class="num">{{ $m($line->planned->cents()) }}</td>
                            @if ($line->real)
                                <td class="num">{{ $m($line->real->cents()) }}</td>
                                <td class="num"></td>
                            @endif
                            <td class="text-sm font-normal text-soft">
                                @if ($line->quote)
                                    {{ __('money.money.price_list_a_piece', [
                                        'price' => $m($line->quote->price),
                                        'per_piece' => $m($line->quote->perPiece()),
                                    ]) }}
                                @endif
                            </td>
                        </tr>
                    </tbody>
                </table>
                @if ($line->quote && ($line->quote->steps !== [] || count($line->quote->without) > 1))
                    <p class="mt-1 text-sm">
                        @foreach ($line->quote->steps as $pieces => $cents)
                            {{ __('money.money.pieces_each', [
                                'pieces' => $pieces,
                                'cents' => $m($cents),
                                'cents_2' => $m(Hakama\Money\Amount::of($cents)->per($pieces)->cents()),
                            ]) }}
                        @endforeach
                        @if (count($line->quote->without) > 1)
                            @foreach ($line->quote->without as [$name, $cents])
                                {{ __('money.money.without', ['name' => $name, 'cents' => $m($cents)]) }}
                            @endforeach
                        @endif
                    </p>
                @endif
                @if ($saved[$line->line->id] !== [])
                    <h3 class="mt-3 font-semibold">{{ __('money.money.ways_to_make_it_cheaper') }}</h3>
                    <ul class="text-sm">
                        @foreach ($saved[$line->line->id] as [$words, $cents])
                            <li class="flex border-b border-hair py-1">{{ $words }}<span
                                    class="num ms-auto">{{ __('money.money.costs_less', [
                                        'cents' => $m($cents),
                                    ]) }}</span></li>
                        @endforeach
                    </ul>
                @endif
            @endforeach
        </section>
        <section aria-label="{{ __('money.money.price_and_papers') }}">
            <dl class="facts">
                <dt>{{ __('money.money.planned_cost') }}</dt>
                <dd>{{ $m($planned) }}</dd>
                @if ($real !== null)
                    <dt>{{ __('money.money.actual_cost_so_far') }}</dt>
                    <dd>{{ $m($real) }}</dd>
                @endif
                <dt>{{ __('money.money.list_price') }}</dt>
                <dd>{{ $m($money->listCents()) }}</dd>
                @if ($money->discountCents() > 0)
                    <dt>{{ __('money.money.discount', ['percent' => $n($order->customer->discount_percent, fmod($order->customer->discount_percent, 1) === 0.0 ? 0 : 2)]) }}</dt>
                    <dd>−{{ $m($money->discountCents()) }}</dd>
                @endif
                <dt>{{ __('money.money.price') }}</dt>
                <dd><strong>{{ $m($price) }}</strong></dd>
                @if ($price !== null)
                    <dt>{{ __('money.money.planned_profit') }}</dt>
                    <dd @class(['now' => $price < $planned])>{{ ($price < $planned
                        ? '−' : '') . $m(abs($price - $planned)) }},
                        {{ $n($margin ?? 0, 1) }} %</dd>
                    @if ($real !== null)
                        <dt>{{ __('money.money.profit_so_far') }}</dt>
                        <dd @class(['now' => $money->profitCents() < 0])>{{ ($money->profitCents() < 0
                            ? '−' : '') . $m(abs((int) $money->profitCents())) }},
                            {{ $n($money->marginPercent($money->earnedCents(), $real) ?? 0, 1) }} %</dd>
                    @endif
                @endif
            </dl>
            <form method="post" action="{{ route('orders.money', $order) }}" class="mt-4" novalidate>@csrf
                @method('put')
                <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
                <x-wrong field="seen" />
                @foreach ($money->lines as $line)
                    @php $field = "blank.{$line->line->id}"; @endphp
                    <label for="blank-{{ $line->line->id }}" class="mt-2">{{ __('money.money.blank_cost', [
                        'garment_label' => $line->line->garmentLabel(),
                    ]) }}</label>
                    <input type="text" id="blank-{{ $line->line->id }}" name="blank[{{ $line->line->id }}]"
                        inputmode="decimal"
                        class="num" placeholder="{{ __('money.money.customer_supplies') }}"
                        value="{{ old($field, $typed($line->line->blank_cents)) }}"
                        @error($field) aria-invalid="true" aria-describedby="wrong-blank-{{ $line->line->id }}"
                            @enderror>
                    <x-wrong :field="$field" />
                @endforeach
                <div class="mt-2 grid grid-cols-2 gap-3">
                    <x-field name="artwork" :label="__('money.money.artwork_fee')" inputmode="decimal" class="num"
                        :value="$typed($order->artwork_cents ?: null)" />
                    <x-field name="agreed" :label="__('money.money.agreed_price')" inputmode="decimal" class="num"
                        :placeholder="__('money.money.as_calculated')" :value="$typed($order->agreed_cents)" />
                </div>
                <button type="submit" class="btn btn-main mt-3"
                    data-key="s">{{ __('money.money.save_amounts') }} <kbd>s</kbd></button>
            </form>
            <h2 class="mb-1 mt-6">{{ __('money.money.papers') }}</h2>
            <p class="flex flex-wrap gap-2">
                @if ($price !== null)
                    <a class="btn btn-small" href="{{ route('orders.quote', $order) }}"
                        data-key="q">{{ __('money.money.quote') }}
                        <kbd>q</kbd></a>
                @endif
                @if ($price !== null)
                    <a class="btn btn-small" href="{{ route('orders.confirmation', $order) }}">{{ __('money.order_paper.confirm') }}</a>
                @endif
                <a class="btn btn-small"
                    href="{{ route('orders.story', $order) }}">{{ __('money.money.delivery_slips') }}</a>
            </p>
            <x-wrong field="form" />
            @foreach ($invoices as $invoice)
                <div class="mt-1 flex items-baseline gap-3 border-b border-hair py-1">
                    <a href="{{ route('invoices.paper', $invoice) }}">{{ $invoice->credits_id === null
                        ? __('money.money.invoice') : __('money.money.credit') }}
                        {{ $invoice->number }}</a>
                    <span class="text-sm text-soft">{{ Dates::dateYear($invoice->issued_at) }}</span>
                    <a class="text-sm" href="{{ route('invoices.xml', $invoice) }}">{{ __('money.money.e_invoice') }}<span class="sr-only"> {{ $invoice->number }}</span></a>
                    <a class="text-sm" href="{{ route('invoices.letter', [$invoice, 'invoice']) }}">{{ __('letters.page.sent') }}<span class="sr-only"> {{ $invoice->number }}</span></a>
                    <span class="num ms-auto">{{ $m($invoice->cents) }}@if (!$invoice->tax()->isNone())
                            <span class="text-sm text-soft">{{ __('money.money.plus_tax', [
                                'tax_cents' => $m($invoice->tax_cents),
                            ]) }}</span>
                        @endif
                    </span>
                    @if ($invoice->credits_id === null && $invoices->where('credits_id', $invoice->id)->isEmpty())
                        <form method="post" action="{{ route('invoices.credit', $invoice) }}">@csrf<input
                                type="hidden" name="form" value="{{ Str::uuid() }}"><button type="submit"
                                    class="btn btn-small">{{ __('money.money.credit_it') }}</button></form>
                    @endif
                </div>
                @if ($invoice->credits_id === null && $invoices->where('credits_id', $invoice->id)->isEmpty())
                    @php $mine = (int) old('of') === $invoice->number; @endphp
                    @foreach ($invoice->payments as $payment)
                        <p class="flex gap-3 ps-4 text-sm"><span class="text-soft">{{ __('money.payment.paid_on', [
                            'date' => Dates::dateYear($payment->paid_on),
                        ]) }}, {{ __('money.payment_way.'.$payment->way->value) }} {{ $payment->note }}</span><span class="num ms-auto">{{ $m($payment->cents) }}</span></p>
                    @endforeach
                    @if ($invoice->openCents() > 0 && $invoice->isOverdue())
                        <p class="ps-4 text-sm"><a href="{{ route('invoices.reminder', $invoice) }}">{{ __('money.reminder.write', [
                            'number' => $invoice->number,
                        ]) }}</a> <a class="ms-3" href="{{ route('invoices.letter', [$invoice, 'reminder']) }}">{{ __('letters.page.sent') }}<span
                            class="sr-only">: {{ __('letters.kind.reminder') }} {{ $invoice->number }}</span></a></p>
                    @endif
                    @if ($invoice->openCents() > 0)
                        <details class="ps-4" @if ($mine) open @endif><summary class="text-sm"><span @class(['now' => $invoice->isOverdue()])>{{ $invoice->due_on === null
                                ? __('money.payment.open', ['open' => $m($invoice->openCents())])
                                : __('money.payment.open_until', ['open' => $m($invoice->openCents()), 'date' => Dates::dateYear($invoice->due_on)]) }}</span></summary>
                            <form method="post" action="{{ route('invoices.pay', $invoice) }}" class="mt-2 flex flex-wrap items-end gap-2" novalidate>@csrf
                                <input type="hidden" name="form" value="{{ Str::uuid() }}"><input type="hidden" name="of" value="{{ $invoice->number }}">
                                <x-field name="paid" :label="__('money.payment.amount')" inputmode="decimal" class="num" box="w-28" required
                                    :value="$typed($invoice->openCents())" :at="(string) $invoice->number" :mine="$mine" />
                                <x-field name="paid_on" :label="__('money.payment.day')" type="date" box="w-40" required
                                    :value="now()->format('Y-m-d')" :at="(string) $invoice->number" :mine="$mine" />
                                <div><label for="way-{{ $invoice->number }}">{{ __('money.payment.how') }}</label><select
                                    id="way-{{ $invoice->number }}" name="way">
                                        @foreach (Hakama\Money\PaymentWay::cases() as $way)
                                            <option value="{{ $way->value }}" @selected($mine && old('way') === $way->value)>{{ __('money.payment_way.'.$way->value) }}</option>
                                        @endforeach
                                    </select>@if ($mine)<x-wrong field="way" />@endif</div>
                                <x-field name="note" :label="__('money.payment.note')" maxlength="80" box="w-40"
                                    :at="(string) $invoice->number" :mine="$mine" />
                                <button type="submit" class="btn btn-small">{{ __('money.payment.note_it') }}</button>
                            </form></details>
                    @else
                        <p class="ps-4 text-sm text-soft">{{ __('money.payment.paid') }}</p>
                    @endif
                @endif
            @endforeach
            @if ($price !== null && $price > $invoiced)
                <form method="post" action="{{ route('orders.invoice', $order) }}" class="mt-3">@csrf<input
                        type="hidden" name="form" value="{{ $form }}"><button type="submit" class="btn"
                            data-key="i">{{ __('money.money.invoice_2', [
                            'price' => $m($price - $invoiced),
                        ]) }} <kbd>i</kbd></button></form>
            @endif
            <x-because :about="__('money.money.where_these_figures_come_from')"><x-said
                key="money.money.minutes_and_thread_come_from_the">
                <x-slot:link><a href="/shop#machine_hour_cents">{{ __('money.money.house_rules') }}</a></x-slot:link>
                <x-slot:link2><a
                    href="{{ route('prices.show') }}">{{ __('money.money.price_list') }}</a></x-slot:link2></x-said></x-because>
        </section>
    </div>
</x-layout>
