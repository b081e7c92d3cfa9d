@props(['changes', 'thing' => false])
@use('App\Foundation\Words\Dates')
@php
    $words = static fn($value) => is_array($value)
        ? implode(', ', array_map(static fn($k, $v) => (is_int($k) ? '' : "{$k} ") . (is_scalar($v)
        ? $v : json_encode($v)), array_keys($value), $value))
        : (is_bool($value) ? ($value ? __('common.change_table.yes') : __('common.change_table.no')) : ($value === null || $value === '' ? __('common.change_table.nothing') : (string) $value));
@endphp
<table>
    <thead>
        <tr>
            <th>{{ __('common.change_table.when') }}</th>
            <th>{{ __('common.change_table.who') }}</th>
            @if ($thing)
                <th>{{ __('common.change_table.subject') }}</th>
            @endif
            <th>{{ __('common.change_table.change') }}</th>
            <th>{{ __('common.change_table.before_and_after') }}</th>
            @if ($thing)
                <th><span class="sr-only">{{ __('common.change_table.undo') }}</span></th>
            @endif
        </tr>
    </thead>
    <tbody>
        @foreach ($changes as $change)
            <tr>
                <td class="whitespace-nowrap">{{ Dates::dateTime($change->made_at) }}</td>
                <td>{{ $change->who === '' ? __('common.change_table.not_set') : $change->who }}</td>
                @if ($thing)
                    <td><x-change-thing :change="$change" /></td>
                @endif
                <td>{{ $change->what }}</td>
                <td class="text-sm">
                    @foreach (array_unique([...array_keys($change->before ?? []), ...array_keys($change->after ?? [])]) as $key)
                        <span class="block"><span class="text-soft">{{ match ($change->kind) {
                                'order' => App\Orders\OrderFacts::name((string) $key),
                                'customer' => App\Orders\CustomerFacts::name((string) $key),
                                default => str_replace('_', ' ', (string) $key),
                            } }}:</span>
                            @if (array_key_exists($key, $change->before ?? []))
                                {{ $words($change->before[$key]) }} →
                            @endif{{ $words($change->after[$key] ?? null) }}</span>
                    @endforeach
                </td>
                @if ($thing)
                    <td class="num">
                        @if (App\Shop\Undo\Undo::can($change))
                            <form method="post" action="{{ route('shop.undo', $change) }}">@csrf<button type="submit"
                                    class="btn btn-small">{{ __('common.change_table.undo') }}</button></form>
                        @endif
                    </td>
                @endif
            </tr>
        @endforeach
    </tbody>
</table>
