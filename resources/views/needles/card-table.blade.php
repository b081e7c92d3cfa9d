@php
    /** Block, thread, needle and stop: wants $batch, $placed, $program, $sheet and $threads. */
    $load = collect($placed->changes->cones->load)->keyBy('needle');
@endphp
<table class="w-full">
    <thead>
        <tr>
            <th class="num">Block</th>
            <th>Thread</th>
            <th class="num">Needle</th>
            <th class="num">Stitches</th>
            <th>At its stop</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->steps as $i => $step)
            @php
                $needle = $placed->changes->cones->order[$i];
                $code = $batch->batch->equipment->threads[$i];
            @endphp
            <tr>
                <td class="num">{{ $step->block }}</td>
                <td><x-swatch :hex="$batch->design->colours()[$i]" />{{ $code }} {{ $threads[$code]?->name }}</td>
                <td class="num"><strong
                        class="needle-number">{{ $needle }}</strong>{{ isset($load[$needle])
                            && $load[$needle]->to === $code ? ' load it' : '' }}
                </td>
                <td class="num">{{ $step->from }} to {{ $step->to }}</td>
                <td>{{ $step->words() ?: 'ends' }}{{ $step->halts() ? ' (halt)' : '' }}{{ $step->note === ''
                    ? '' : ', ' . $step->note }}
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($placed->changes->cones->load !== [])
    <p class="mt-2"><strong>To load before:</strong>
        @foreach ($placed->changes->cones->load as $change)
            needle {{ $change->needle }}{{ $change->from === null ? '' : ', take off ' . $change->from }}, load
            {{ $change->to }} {{ $threads[$change->to]?->name }}{{ $loop->last ? '.' : '; ' }}
        @endforeach
</p>@else<p class="mt-2">Every thread is on its needle.</p>
@endif
<p class="mt-1" id="program">{{ $program }}</p>
@if ($placed->changes->needles > 0)
    <p class="mt-1"><strong>Fit {{ $batch->batch->equipment->needle }}</strong> on the needles of this card: another
        size or point is on them.</p>
@endif
