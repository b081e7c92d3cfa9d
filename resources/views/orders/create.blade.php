<x-layout station="orders" :title="__('orders.create.new_order')">
    <x-slot:say>{{ __('orders.create.enter_the_order_pieces_plan_and') }}</x-slot:say>
    <form method="post" action="{{ route('orders.store') }}" novalidate>
        @csrf <input type="hidden" name="form" value="{{ old('form', Str::uuid()) }}">
        @if ($quote || old('quote'))
            <input type="hidden" name="quote" value="{{ old('quote', $quote?->id) }}">
            @if ($quote)
                <p class="note mb-4">{{ __('orders.create.from_garments_for_the_agreed_price', [
                    'quote' => $quote->label(),
                    'pieces' => $quote->pieces,
                    'price_cents' => App\Shop\Figure::words($quote->price_cents / 100, 2),
                ]) }}</p>
            @endif
        @endif
        @if ($errors->any())
            <p class="note note-now mb-4" role="alert">{{ __('orders.create.nothing_is_saved_yet_please_check', [
                'value' => $errors->count() === 1 ? __('orders.create.one_field') : __('orders.create.fields', [
                    'count' => $errors->count(),
                ]),
            ]) }}</p>
        @endif
        <x-wrong field="lines" />
        <div class="grid grid-cols-1 gap-4 sm:grid-cols-[2fr_1fr_1fr_3fr]">
            <div>
                <label for="customer">{{ __('orders.create.customer') }}</label>
                <input type="text" id="customer" name="customer" list="customers"
                    value="{{ old('customer', $quote->customer ?? mb_substr((string) request()->query('customer'), 0, 120)) }}" required
                    maxlength="120" autofocus autocomplete="off"
                    @error('customer') aria-invalid="true" aria-describedby="wrong-customer" @enderror>
                <datalist id="customers">
                    @foreach ($customers as $customer)
                        <option value="{{ $customer }}"></option>
                    @endforeach
                </datalist>
                <x-wrong field="customer" />
            </div>
            <x-field name="due_date" :label="__('orders.create.due_date')" type="date" required />
            <x-field name="due_time" :label="__('orders.create.at')" value="16:00" type="time" required />
            <x-field name="note" :label="__('orders.create.note')" maxlength="500" />
        </div>
        <label class="check mt-3"><input type="checkbox" name="for_event" value="1"
                @checked(old('for_event'))> {{ __('orders.create.for_an_event_useless_after_the') }}</label>
        @include('orders.lines')
        <div id="check" class="mt-4" aria-live="polite" data-hx-post="{{ route('orders.check') }}"
            data-hx-include="closest form" data-hx-trigger="change from:closest form delay:400ms"
                data-hx-swap="innerHTML"></div>
        <div class="mt-4 flex flex-wrap items-start gap-3">
            <button type="submit" class="btn" data-key="p" name="ask" value="1" formaction="{{ route('orders.another') }}"
                formnovalidate data-hx-post="{{ route('orders.promise') }}"
                data-hx-include="closest form" data-hx-target="#promise"
                    data-hx-swap="innerHTML">{{ __('orders.create.what_can_we_promise') }}
                <kbd>p</kbd></button>
            <div id="promise" class="min-w-[20em] flex-1" aria-live="polite">{!! session('promise') !!}</div>
        </div>
        <div class="mt-5 flex gap-3">
            <button type="submit" class="btn btn-main"
                data-key="s">{{ __('orders.create.save_order') }} <kbd>s</kbd></button>
            <button type="submit" class="btn" data-key="a" formaction="{{ route('orders.another') }}" formnovalidate
                data-hx-get="{{ route('orders.line') }}" data-hx-target="#lines" data-hx-swap="beforeend"
                    data-hx-include="#lines [name$='[garment]']">{{ __('orders.create.add_a_line') }} <kbd>a</kbd></button>
            <a class="btn" href="{{ route('orders.index') }}">{{ __('orders.create.cancel') }}</a>
        </div>
    </form>
    <details class="mt-8 border-t border-hair pt-3" id="import" @if ($errors->has('list') || $imports->isNotEmpty()) open @endif>
        <summary>{{ __('orders.create.import_orders_csv') }}</summary>
        <form method="post" action="{{ route('orders.list') }}" enctype="multipart/form-data"
            class="mt-2 flex flex-wrap items-end gap-3">@csrf
            <x-field name="list" :label="__('orders.create.csv_file')" type="file" accept=".csv" />
            <button type="submit" class="btn">{{ __('orders.create.import') }}</button>
        </form>
        @if ($imports->isNotEmpty())
            <p class="mt-2 text-sm">{{ __('orders.import.lately') }}:
                @foreach ($imports as $one)
                    <a href="{{ route('orders.import', $one) }}">{{ $one->file_name }}</a> {{ $one->share() }} %{{ $loop->last ? '' : ',' }}
                @endforeach
            </p>
        @endif
        <p class="mt-2 max-w-[60em] text-sm text-soft" data-codes>{{ __('orders.create.one_row_per_size_columns_rows', [
            'value' => implode(', ', App\Orders\OrderList::COLUMNS),
        ]) }}</p>
        <ul class="mt-2 max-w-[60em] text-sm text-soft">
            @foreach (App\Orders\OrderList::WORDS as $column => $of)
                <li data-codes><strong>{{ $column }}</strong>: {{ implode(', ', App\Orders\OrderList::words($of)) }}</li>
            @endforeach
        </ul>
    </details>
</x-layout>
