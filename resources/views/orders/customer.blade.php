@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="$customer->name">
    @php
        $m = static fn(int $cents) => App\Shop\Figure::words($cents / 100, 2);
        $invoice = $customer->invoiceAddress();
        $delivery = Hakama\Money\Address::of($customer->delivery_address ?? []);
    @endphp
    <x-slot:say>{{ __('customers.show.say', ['count' => $record->orders ?? 0]) }}{{ $record
            ? __('customers.show.say_last', ['date' => Dates::dateYear($record->last)]) : '' }}
        @if ($open === 0)
            {{ __('customers.show.owes_nothing') }}
        @else
            <span class="now">{{ __('customers.show.owes', ['amount' => $m($open), 'currency' => $currency]) }}</span>
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-4">
        <h1>{{ $customer->name }}</h1>
        <a class="btn" href="{{ route('customers.edit', $customer) }}" data-key="e">{{ __('customers.show.change') }} <kbd>e</kbd></a>
        <a class="btn" href="{{ route('orders.create', ['customer' => $customer->name]) }}" data-key="n">{{ __('customers.show.new_order') }} <kbd>n</kbd></a>
        <span class="ms-auto flex flex-wrap gap-4 text-sm">
            <a href="{{ route('customers.card', $customer) }}">{{ __('customers.show.card') }}</a>
            <a href="{{ route('customers.merging', $customer) }}">{{ __('customers.show.merge') }}</a>
            <a href="{{ route('customers.index') }}" data-key="b">{{ __('customers.show.all_customers') }} <kbd>b</kbd></a>
        </span>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
        <div>
            <dl>
                @foreach ([
                    ['email', $customer->email],
                    ['phone', $customer->phone],
                    ['tax_number', $customer->tax_number],
                    ['language', $customer->language === null ? '' : Locale::getDisplayLanguage($customer->language, app()->getLocale())],
                    ['terms', $customer->terms_days === null ? __('customers.show.house_terms') : __('customers.show.days', ['days' => $customer->terms_days])],
                    ['discount', $customer->discount_percent > 0
                        ? __('customers.show.percent', ['percent' => App\Shop\Figure::words($customer->discount_percent, fmod($customer->discount_percent, 1) === 0.0 ? 0 : 2)]) : ''],
                    ['note', $customer->note],
                ] as [$what, $value])
                    @if ($value !== '')
                        <div class="flex gap-3 border-b border-hair py-1"><dt class="w-32 shrink-0 text-soft">{{ __('customers.show.'.$what) }}</dt>
                            <dd class="min-w-0 whitespace-pre-line break-words">{{ $value }}</dd></div>
                    @endif
                @endforeach
            </dl>
            @foreach ($returned as $letter)
                <p class="now mt-2 break-words">{{ __('letters.page.bad_address', [
                    'to' => $letter->to,
                    'when' => Dates::date($letter->state_at),
                    'why' => $letter->why,
                ]) }}</p>
            @endforeach
            <h2 class="mb-1 mt-5">{{ __('customers.show.invoices_to') }}</h2>
            @if ($invoice->isEmpty())
                <p class="text-soft">{{ __('customers.show.no_address') }}</p>
            @else
                <address class="not-italic" data-codes>{{ $customer->name }}@foreach ($invoice->lines($countries[$invoice->country] ?? '') as $line)<br>{{ $line }}@endforeach</address>
            @endif
            <h2 class="mb-1 mt-5">{{ __('customers.show.delivers_to') }}</h2>
            @if ($delivery->isEmpty())
                <p class="text-soft">{{ __('customers.show.same_address') }}</p>
            @else
                <address class="not-italic" data-codes>{{ $customer->name }}@foreach ($delivery->lines($countries[$delivery->country] ?? '') as $line)<br>{{ $line }}@endforeach</address>
            @endif
            <h2 class="mb-1 mt-5">{{ __('customers.show.contacts') }}</h2>
            @forelse ($customer->contacts ?? [] as $contact)
                <p class="border-b border-hair py-1"><strong>{{ $contact['name'] }}</strong> <span class="text-soft">{{ $contact['role'] }}</span>
                    <span class="block">{{ $contact['email'] }} <span class="tabular-nums">{{ $contact['phone'] }}</span></span></p>
            @empty
                <p class="text-soft">{{ __('customers.show.no_contact') }}</p>
            @endforelse
        </div>
        <div>
            <div class="flex items-baseline gap-4"><h2 class="mb-1">{{ __('customers.show.orders') }}</h2>
                @if (($record->orders ?? 0) > count($orders))
                    <a class="ms-auto text-sm" href="{{ route('orders.index', ['q' => $customer->name]) }}">{{ __('customers.show.find_all') }}</a>
                @endif
            </div>
            @if ($orders !== [])
                <table>
                    <thead>
                        <tr>
                            <th class="num">{{ __('customers.show.number') }}</th>
                            <th>{{ __('customers.show.garments') }}</th>
                            <th>{{ __('customers.show.due') }}</th>
                            <th class="w-40">{{ __('customers.show.done') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($orders as $row)
                            <tr>
                                <td class="num"><a href="{{ route('orders.show', $row->number) }}">{{ $row->number }}</a></td>
                                <td>{{ $row->what }}</td>
                                <td class="whitespace-nowrap tabular-nums">{{ Dates::dateYear($row->dueAt) }}</td>
                                <td><div class="flex items-center gap-3"><div class="flex-1"><x-strip :done="$row->done" :sewing="$row->sewing"
                                                :of="$row->pieces" /></div><span class="num w-14">{{ $row->done }} / {{ $row->pieces }}</span></div></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            @if ($things !== [])
                <h2 class="mb-1 mt-6">{{ __('customers.show.sewn_before') }}</h2>
                <ul>
                    @foreach ($things as $thing)
                        <li class="flex gap-3 border-b border-hair py-1"><span class="min-w-0 flex-1">{{ $thing['garment'] }}:
                                @if ($thing['artworkId'] === null)
                                    <span class="text-soft">{{ __('customers.show.no_artwork') }}</span>
                                @else
                                    <a href="{{ route('artwork.show', $thing['artworkId']) }}">{{ $thing['artwork'] }}</a>
                                @endif
                            </span><span class="text-soft">{{ __('customers.show.ordered', ['count' => $thing['orders']]) }}</span></li>
                    @endforeach
                </ul>
            @endif
            @if ($changes->isNotEmpty())
                <h2 class="mb-1 mt-6">{{ __('customers.show.history') }}</h2>
                <x-change-table :changes="$changes" />
            @endif
        </div>
    </div>
</x-layout>
