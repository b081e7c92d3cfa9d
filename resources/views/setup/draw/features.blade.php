{{-- What lies on the garment there; what the design lies across, or near, stands out. --}}
@foreach ($sheet->row->advice->marked->shape->features as $feature)
    <path class="feature" data-kind="{{ $feature->kind->value }}"
        d="{{ App\Setup\SetupDrawing::path($feature->points, count($feature->points) > 2) }}"
        fill="{{ $feature->kind->isBarred() ? '#1d2433' : 'none' }}" fill-opacity=".12" stroke="#1d2433"
        stroke-width="{{ $n($line) }}" stroke-dasharray="{{ $n(2 * $line) }} {{ $n(2 * $line) }}">
        <title>{{ $feature->label() }}</title>
    </path>
@endforeach
@foreach ($sheet->row->advice->obstructions() as $obstruction)
    <path class="obstruction"
        d="{{ App\Setup\SetupDrawing::path($obstruction->feature->points, count($obstruction->feature->points) > 2) }}"
        fill="{{ $obstruction->isBarred() ? '#c8481f' : 'none' }}" fill-opacity=".3" stroke="#c8481f"
        stroke-width="{{ $n(2.4 * $line) }}">
        <title>{{ $obstruction->words($units) }}</title>
    </path>
@endforeach
