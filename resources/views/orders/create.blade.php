<x-layout station="orders" title="New order">
    <x-slot:say>Write down what was promised. The pieces, the plan and the end follow from it.</x-slot:say>
    <form method="post" action="{{ route('orders.store') }}" novalidate>
        @csrf <input type="hidden" name="form" value="{{ old('form', Str::uuid()) }}">
        @if ($quote || old('quote'))
            <input type="hidden" name="quote" value="{{ old('quote', $quote?->id) }}">
            @if ($quote)
                <p class="note mb-4">From {{ $quote->label() }}: {{ $quote->pieces }} garments for
                    {{ App\Shop\Figure::words($quote->price_cents / 100, 2) }}, which is what is agreed.</p>
            @endif
        @endif
        @if ($errors->any())
            <p class="note note-now mb-4" role="alert">Nothing was stored yet:
                {{ $errors->count() === 1 ? 'one field needs' : $errors->count() . ' fields need' }} a look. All you
                    typed
                is still here.</p>
        @endif
        <x-wrong field="lines" />
        <div class="grid grid-cols-1 gap-4 sm:grid-cols-[2fr_1fr_1fr_3fr]">
            <div>
                <label for="customer">For whom</label>
                <input id="customer" name="customer" list="customers"
                    value="{{ old('customer', $quote?->customer) }}" required
                    maxlength="120" autofocus autocomplete="off"
                    @error('customer') aria-invalid="true" aria-describedby="wrong-customer" @enderror>
                <datalist id="customers">
                    @foreach ($customers as $customer)
                        <option value="{{ $customer }}">
                    @endforeach
                </datalist>
                <x-wrong field="customer" />
            </div>
            <x-field name="due_date" label="Due on" type="date" required />
            <x-field name="due_time" label="at" value="16:00" type="time" required />
            <x-field name="note" label="Note" maxlength="500" />
        </div>
        <label class="check mt-3"><input type="checkbox" name="for_event" value="1"
                @checked(old('for_event'))> For an event: of no use after it is due</label>
        @include('orders.lines')
        <div id="check" class="mt-4" aria-live="polite" hx-post="{{ route('orders.check') }}"
            hx-include="closest form" hx-trigger="change from:closest form delay:400ms" hx-swap="innerHTML"></div>
        <div class="mt-4 flex flex-wrap items-start gap-3">
            <button type="button" class="btn" data-key="p" hx-post="{{ route('orders.promise') }}"
                hx-include="closest form" hx-target="#promise" hx-swap="innerHTML">What can be promised?
                <kbd>p</kbd></button>
            <div id="promise" class="min-w-[20em] flex-1" aria-live="polite"></div>
        </div>
        <div class="mt-5 flex gap-3">
            <button class="btn btn-main" data-key="s">Enter the order <kbd>s</kbd></button>
            <button type="button" class="btn" data-key="a" hx-get="{{ route('orders.line') }}" hx-target="#lines"
                hx-swap="beforeend" hx-include="#lines [name$='[garment]']">Add a line <kbd>a</kbd></button>
            <a class="btn" href="{{ route('orders.index') }}">Leave it</a>
        </div>
    </form>
    <details class="mt-8 border-t border-hair pt-3" @error('list') open @enderror>
        <summary>Read orders from a list (CSV)</summary>
        <form method="post" action="{{ route('orders.list') }}" enctype="multipart/form-data"
            class="mt-2 flex flex-wrap items-end gap-3">@csrf
            <x-field name="list" label="The list" type="file" accept=".csv" />
            <button class="btn">Take it over</button>
        </form>
        <p class="mt-2 max-w-[60em] text-sm text-soft">A row for each size. Columns:
            {{ implode(', ', App\Orders\OrderList::COLUMNS) }}. Rows with the same word under “order” are one order;
            due is written 2026-03-14 16:00 or 14.03.2026; artwork is its name, or empty when it comes later. All of
            them are taken over, or none; the same list twice is the same orders.</p>
        <ul class="mt-2 max-w-[60em] text-sm text-soft">
            @foreach (App\Orders\OrderList::WORDS as $column => $of)
                <li><strong>{{ $column }}</strong>: {{ implode(', ', App\Orders\OrderList::words($of)) }}</li>
            @endforeach
        </ul>
    </details>
</x-layout>
