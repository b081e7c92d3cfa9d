<x-layout station="orders" :title="__('customers.index.customers')">
    <x-slot:say>{{ __('customers.index.say_found', ['count' => $page->count()]) }}
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-center gap-3">
        <a class="btn btn-main" href="{{ route('customers.create') }}" data-key="n">{{ __('customers.index.new_customer') }} <kbd>n</kbd></a>
        <form method="get" action="{{ route('customers.index') }}" class="flex items-center gap-2" role="search"><label
                for="q" class="sr-only">{{ __('customers.index.name_email_phone') }}</label><input id="q" type="search"
                name="q" value="{{ $words }}" maxlength="80" placeholder="{{ __('customers.index.name_email_phone') }}"
                class="!w-72" data-key="s" data-does="{{ __('customers.index.find_a_customer') }}"><button type="submit"
                class="btn">{{ __('customers.index.find') }}</button></form>
        <a class="ms-auto" href="{{ route('orders.index') }}" data-key="b">{{ __('customers.index.all_orders') }} <kbd>b</kbd></a>
    </div>
    @if ($page->isEmpty())
        <p class="note">{{ $words === '' ? __('customers.index.none_yet') : __('customers.index.say_found', ['count' => 0]) }}</p>
    @else
        <table>
            <caption class="sr-only">{{ __('customers.index.customers') }}</caption>
            <thead>
                <tr>
                    <th>{{ __('customers.index.customer') }}</th>
                    <th>{{ __('customers.index.town') }}</th>
                    <th>{{ __('customers.index.reach') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page as $one)
                    <tr>
                        <td class="font-semibold"><a href="{{ route('customers.show', $one) }}">{{ $one->name }}</a></td>
                        <td>{{ $one->invoiceAddress()->city }}</td>
                        <td>{{ $one->email }} @if ($one->phone !== '')<span class="text-soft tabular-nums">{{ $one->phone }}</span>@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$page" />
    @endif
    <details class="mt-6" @if ($errors->has('list')) open @endif>
        <summary class="font-head font-semibold">{{ __('customers.index.out_and_in') }}</summary>
        <div class="mt-3 flex flex-wrap items-end gap-3">
            <a class="btn" href="{{ route('customers.csv') }}">{{ __('customers.index.csv') }}</a>
            <a class="btn" href="{{ route('customers.cards') }}">{{ __('customers.index.vcard') }}</a>
            <form method="post" action="{{ route('customers.read') }}" enctype="multipart/form-data" class="flex flex-wrap items-end gap-2">@csrf
                <div><label for="list">{{ __('customers.index.upload') }}</label><input id="list" name="list" type="file"
                        accept=".csv,.vcf" @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
                <button type="submit" class="btn">{{ __('customers.index.take') }}</button>
            </form>
        </div>
        <x-wrong field="list" />
        <p class="mt-2 max-w-4xl text-sm text-soft"><x-said key="customers.index.upload_help"><x-slot:columns><code>{{ implode(', ', App\Orders\CustomerFacts::COLUMNS) }}</code></x-slot:columns></x-said></p>
    </details>
</x-layout>
