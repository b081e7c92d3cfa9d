@foreach ($said as [$where, $warnings])
    <div class="note {{ collect($warnings)->contains('stops', true) ? 'note-now' : 'note-caution' }} mb-2 text-sm">
        <strong>{{ $where }}</strong>
        @foreach ($warnings as $warning)
            <p>{{ $warning->text }}</p>
        @endforeach
    </div>
@endforeach
@if ($garments > 0)
    <p class="text-sm">Garments on the table:
        {{ $garments }}{{ $cents > 0 ? ', worth ' . App\Shop\Figure::words($cents / 100, 2) : '' }}{{ $unknown > 0 ? ($cents > 0 ? ' and ' : ', ') . "{$unknown} whose worth nobody has said" : '' }}.
    </p>
@endif
