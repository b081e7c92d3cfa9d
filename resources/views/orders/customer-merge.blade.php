<x-layout station="orders" :title="__('customers.merge.title', ['name' => $customer->name])">
    <x-slot:say>{{ __('customers.merge.say') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('customers.merge.title', ['name' => $customer->name]) }}</h1>
        <a class="ms-auto" href="{{ route('customers.show', $customer) }}" data-key="b">{{ __('customers.edit.back') }} <kbd>b</kbd></a>
    </div>
    @if ($double === null)
        <form method="get" action="{{ route('customers.merging', $customer) }}" class="flex flex-wrap items-end gap-3">
            <div class="w-80"><label for="double">{{ __('customers.merge.double') }}</label><input id="double" name="double" type="text"
                    list="others" maxlength="120" value="{{ $typed }}" @if ($typed !== '') aria-invalid="true" aria-describedby="wrong-double" @endif>
                <datalist id="others">
                    @foreach ($others as $name)
                        <option value="{{ $name }}"></option>
                    @endforeach
                </datalist></div>
            <button type="submit" class="btn btn-main">{{ __('customers.merge.look') }}</button>
        </form>
        @if ($typed !== '')
            <p class="wrong" id="wrong-double" role="alert">{{ __('customers.merge.unknown', ['name' => $typed]) }}</p>
        @endif
    @else
        <table class="mb-4">
            <thead>
                <tr>
                    <th></th>
                    <th>{{ __('customers.merge.stays', ['name' => $customer->name]) }}</th>
                    <th>{{ __('customers.merge.goes', ['name' => $double->name]) }}</th>
                    <th>{{ __('customers.merge.becomes') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($joined as $field => $value)
                    @php
                        $say = static fn(mixed $of) => match (true) {
                            $field === 'contacts' => implode('; ', array_column($of ?? [], 'name')),
                            is_array($of) => implode(', ', Hakama\Money\Address::of($of)->lines($countries[$of['country'] ?? ''] ?? '')),
                            default => (string) $of,
                        };
                    @endphp
                    <tr>
                        <td class="text-sm text-soft">{{ App\Orders\CustomerFacts::name($field) }}</td>
                        <td>{{ $say($customer->$field) }}</td>
                        <td>{{ $say($double->$field) }}</td>
                        <td class="font-semibold">{{ $say($value) }}</td>
                    </tr>
                @endforeach
                <tr>
                    <td class="text-sm text-soft">{{ __('customers.show.orders') }}</td>
                    @php [$of, $their] = [$records[$customer->id]->orders ?? 0, $records[$double->id]->orders ?? 0]; @endphp
                    <td>{{ __('customers.merge.orders', ['count' => $of]) }}</td>
                    <td>{{ __('customers.merge.orders', ['count' => $their]) }}</td>
                    <td class="font-semibold">{{ __('customers.merge.orders', ['count' => $of + $their]) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="mb-3">{{ __('customers.merge.what_is_missing', ['kept' => $customer->name, 'gone' => $double->name]) }}</p>
        <form method="post" action="{{ route('customers.merge', $customer) }}">@csrf
            <input type="hidden" name="double" value="{{ $double->id }}">
            <button type="submit" class="btn btn-main">{{ __('customers.merge.merge') }}</button>
        </form>
    @endif
</x-layout>
