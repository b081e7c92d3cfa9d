@use('App\Foundation\Words\Dates')
@use('App\Money\Http\Requests\KeepAccounts')
@php
    $widths = ['percent' => 'num !w-20', 'key' => '!w-24', 'sales' => '!w-24', 'sales_name' => '!w-44', 'tax' => '!w-24', 'tax_name' => '!w-44'];
    $rows = [...$table->taxes, ...(count($table->taxes) < KeepAccounts::MOST_TAXES ? [array_fill_keys(KeepAccounts::TAX_FIELDS, '')] : [])];
    $currency = app(App\Foundation\ShopProfile::class)->shop()->currency;
    $isWrong = $errors->hasAny(['seen', 'accounts.*', 'taxes.*', 'begins_on']);
@endphp
<x-layout station="books" :title="__('ledger.page.bookkeeping')">
    <x-slot:say>
        @if ($unknown !== [])
            <span class="now">{{ __('ledger.page.unknown_rates', ['rates' => implode(', ', array_map(static fn(float $one): string => (string) round($one, 2), $unknown))]) }}</span>
        @elseif ($isMore)
            {{ __('ledger.page.many_wait', ['count' => $counted]) }}
        @else
            {{ $invoices + $payments === 0 ? __('ledger.page.all_out') : __('ledger.page.waits', ['invoices' => $invoices, 'payments' => $payments]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('ledger.page.bookkeeping') }}</h1>
        <a class="ms-auto" href="{{ route('books.show') }}" data-key="b">{{ __('ledger.page.back') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('ledger.write') }}" class="flex flex-wrap items-end gap-2" novalidate>@csrf
        <input type="hidden" name="form" value="{{ Str::uuid() }}"><x-wrong field="form" />
        <x-field name="until" :label="__('ledger.export.until')" type="date" required :value="now()->format('Y-m-d')" />
        <button type="submit" class="btn btn-main" data-key="e">{{ __('ledger.export.write') }} <kbd>e</kbd></button>
    </form>
    <p class="mb-6 mt-2 max-w-4xl text-sm text-soft">{{ __('ledger.page.how') }}</p>
    @if ($page->isNotEmpty())
        <h2 class="mb-1">{{ __('ledger.page.exports') }}</h2>
        <table class="mb-2">
            <thead>
                <tr>
                    <th class="num">{{ __('ledger.export.number') }}</th>
                    <th>{{ __('ledger.export.up_to') }}</th>
                    <th class="num">{{ __('ledger.export.entries') }}</th>
                    <th class="num">{{ __('ledger.export.debit', ['currency' => $currency]) }}</th>
                    <th>{{ __('ledger.export.made') }}</th>
                    <th>{{ __('ledger.export.files') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page as $one)
                    <tr>
                        <td class="num">{{ $one->number }}</td>
                        <td class="whitespace-nowrap">{{ Dates::dateYear($one->until) }}</td>
                        <td class="num">{{ App\Shop\Figure::words($one->entries) }}</td>
                        <td class="num">{{ App\Shop\Figure::words($one->debit_cents / 100, 2) }}</td>
                        <td>{{ Dates::dateYearTime($one->made_at) }} {{ $one->who }}</td>
                        <td>
                            <div class="flex flex-wrap gap-x-4">
                                @foreach (['journal', 'accounts', 'tax-keys'] as $file)
                                    <a href="{{ route("ledger.{$file}", $one) }}">{{ __('ledger.export.'.str_replace('-', '_', $file)) }}<span
                                        class="sr-only">, {{ __('ledger.export.of_number', ['number' => $one->number]) }}</span></a>
                                @endforeach
                            </div>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$page" />
    @endif
    <details class="mt-6" @if (! $table->exists || $isWrong || $unknown !== []) open @endif>
        <summary class="font-head text-lg font-semibold">{{ __('ledger.table.accounts') }}</summary>
        @unless ($table->exists)
            <p class="mb-2 mt-1 max-w-4xl">{{ __('ledger.table.to_begin_with') }}</p>
        @endunless
        <form method="post" action="{{ route('ledger.keep') }}" class="mt-2" novalidate>@csrf @method('put')
            <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $table->stateHash() : old('seen', $table->stateHash()) }}">
            <x-wrong field="seen" />
            <table class="mb-4 !w-auto">
                <thead>
                    <tr>
                        <th>{{ __('ledger.table.used_for') }}</th>
                        <th>{{ __('ledger.table.number') }}</th>
                        <th>{{ __('ledger.table.name') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($table->uses as $use => $account)
                        @php $said = __('ledger.use.'.$use); @endphp
                        <tr>
                            <td class="align-middle">{{ $said }}</td>
                            <td><x-cell :name="'accounts.'.$use.'.number'" :value="$account['number']" class="!w-28"
                                :label="__('ledger.table.of_use', ['label' => __('ledger.table.number'), 'use' => $said])" /></td>
                            <td><x-cell :name="'accounts.'.$use.'.name'" :value="$account['name']" class="!w-64" maxlength="60"
                                :label="__('ledger.table.of_use', ['label' => __('ledger.table.name'), 'use' => $said])" /></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <h3 class="mb-1">{{ __('ledger.table.sales_by_rate') }}</h3>
            <div class="relative overflow-x-auto"><table class="mb-4 !w-auto">
                <thead>
                    <tr>
                        @foreach ($widths as $field => $width)
                            <th @class(['num' => $field === 'percent'])>{{ __('ledger.table.'.$field) }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $i => $tax)
                        <tr>
                            @foreach ($widths as $field => $width)
                                <td @class(['num' => $field === 'percent'])><x-cell :name="'taxes.'.$i.'.'.$field" :value="$tax[$field]" :class="$width"
                                    :inputmode="$field === 'percent' ? 'decimal' : 'text'"
                                    :label="__('ledger.table.of_row', ['label' => __('ledger.table.'.$field), 'row' => $i + 1])" /></td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
            <x-field name="begins_on" :label="__('ledger.table.begins_on')" type="date" :value="$table->begins_on?->format('Y-m-d')" box="w-60" />
            <p class="mb-3 mt-1 text-sm text-soft">{{ __('ledger.table.begins_help') }}</p>
            <button type="submit" class="btn" data-key="s">{{ __('ledger.table.save') }} <kbd>s</kbd></button>
        </form>
    </details>
</x-layout>
