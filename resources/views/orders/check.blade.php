@foreach ($said as [$where, $warnings])
    <div class="note {{ collect($warnings)->contains('stops', true) ? 'note-now' : 'note-care' }} mb-2 text-sm"><strong>{{ $where }}</strong>@foreach ($warnings as $warning)<p>{{ $warning->text }}</p>@endforeach</div>
@endforeach
@if ($cents > 0)<p class="text-sm">Garments on the table: {{ $garments }}, worth {{ number_format($cents / 100, 2) }}@if ($unknown > 0) and {{ $unknown }} whose worth nobody has said @endif.</p>@endif
