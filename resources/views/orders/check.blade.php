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
        {{ $take === [] ? 'no cap of the catalogue takes it' : 'taken by ' . implode(', ', $take) }}{{ $not === []
            ? '' : '; not by ' . implode(', ', $not) }}.
    </p>
@endforeach
@if ($check->garments > 0)
    <p class="text-sm">Garments on the table:
        {{ $check->garments }}{{ $check->cents > 0 ? ', worth ' . App\Shop\Figure::words($check->cents / 100, 2)
            : '' }}{{ $check->unvalued > 0 ? ($check->cents > 0
            ? ' and ' : ', ') . "{$check->unvalued} whose worth nobody has said" : '' }}.
    </p>
@endif
