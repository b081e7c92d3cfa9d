@use('App\Foundation\Words\Dates')
<x-layout station="books" :title="__('money.bank.bank')">
    <x-slot:say>{{ $page->isEmpty() ? __('money.bank.nothing_open') : __('money.bank.say_which') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('money.bank.bank') }}</h1>
        <a class="ms-auto" href="{{ route('books.show') }}" data-key="b">{{ __('money.bank.back') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('bank.read') }}" enctype="multipart/form-data" class="mb-2 flex flex-wrap items-end gap-2">@csrf
        <div><label for="list">{{ __('money.bank.statement') }}</label><input id="list" name="list" type="file"
                accept=".xml,.csv" @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
        <button type="submit" class="btn btn-main">{{ __('money.bank.take') }}</button>
    </form>
    <x-wrong field="list" />
    <p class="mb-6 max-w-4xl text-sm text-soft"><x-said key="money.bank.help"><x-slot:columns><code>{{ implode(', ', App\Money\BankFile::COLUMNS) }}</code></x-slot:columns></x-said></p>
    @if ($page->isNotEmpty())
        <x-wrong field="invoice" />
        <table>
            <thead>
                <tr>
                    <th>{{ __('money.bank.day') }}</th>
                    <th>{{ __('money.bank.from') }}</th>
                    <th>{{ __('money.bank.text') }}</th>
                    <th class="num">{{ $currency }}</th>
                    <th>{{ __('money.bank.invoice_number') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page as $one)
                    @php $mine = (int) old('of') === $one->id; @endphp
                    <tr>
                        <td class="whitespace-nowrap">{{ Dates::dateYear($one->booked_on) }}</td>
                        <td class="break-words">{{ $one->party }}</td>
                        <td class="break-words">{{ $one->text }}</td>
                        <td class="num">{{ App\Shop\Figure::words($one->cents / 100, 2) }}</td>
                        <td>
                            <div class="flex flex-wrap items-end gap-2">
                                <form method="post" action="{{ route('bank.assign', $one) }}" class="flex items-end gap-2">@csrf @method('put')
                                    <input type="hidden" name="of" value="{{ $one->id }}">
                                    <label class="sr-only" for="invoice-{{ $one->id }}">{{ __('money.bank.invoice_number') }}</label>
                                    <input id="invoice-{{ $one->id }}" name="invoice" inputmode="numeric" class="num w-24"
                                        value="{{ $mine && is_scalar(old('invoice')) ? old('invoice') : '' }}">
                                    <button type="submit" class="btn btn-small">{{ __('money.bank.put_to_it') }}</button>
                                </form>
                                <form method="post" action="{{ route('bank.aside', $one) }}">@csrf @method('delete')
                                    <button type="submit" class="btn btn-small">{{ __('money.bank.set_aside') }}</button></form>
                            </div>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$page" />
    @endif
</x-layout>
