@foreach ($check->said as [$where, $warnings])
    <div class="note {{ collect($warnings)->contains('stops', true) ? 'note-now' : 'note-caution' }} mb-2 text-sm">
        <strong>{{ $where }}</strong>
        @foreach ($warnings as $warning)
            <p>{{ $warning->text }}</p>
        @endforeach
    </div>
@endforeach
@foreach ($check->caps as [$artwork, $take, $not])
    <p class="note mb-2 text-sm"><strong>{{ $artwork }}:</strong>
        {{ $take === [] ? __('orders.check.no_cap_in_the_catalogue_takes') : __('orders.check.fits', [
            'value' => implode(', ', $take),
        ]) }}{{ $not === []
            ? '' : __('orders.check.not', ['value' => implode(', ', $not)]) }}.
    </p>
@endforeach
@if ($check->garments > 0)
    <p class="text-sm">{{ __('orders.check.garments_at_stake', ['garments' => $check->garments, 'value' => $check->cents > 0 ? __('orders.check.worth', [
        'cents' => App\Shop\Figure::words($check->cents / 100, 2),
    ])
            : '', 'value_2' => $check->unvalued > 0 ? __('orders.check.without_a_value', ['value' => $check->cents > 0
            ? ' '.__('orders.check.and').' ' : ', ', 'unvalued' => $check->unvalued]) : '']) }}
    </p>
@endif
