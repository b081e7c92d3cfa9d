@php $passed = $sewOuts(); @endphp
@if ($passed->isEmpty())
    <p class="note note-now mt-3 text-sm"><strong>No sew-out of this artwork has come out on
            {{ $decoration->line->fabricLabel() }} or its like.</strong> Sew it once on scrap before the
        first garment, and <a href="{{ route('artwork.history', $artwork) }}#sewouts">write down how it
            came out</a>.</p>
@else
    <p class="note mt-3 text-sm">It came out on {{ $passed[0]->fabricLabel() }},
        {{ $passed[0]->sewn_at->format('j M') }}: {{ $passed[0]->backingLabel() }},
        {{ $passed[0]->needle }}, {{ $passed[0]->speed_spm }} spm, by {{ $passed[0]->who }}. <a
            href="{{ route('artwork.history', $artwork) }}#sewouts">The log</a></p>
@endif
<p class="mt-2 text-sm">
    @if ($sheet->practice->isEmpty())
        {{ ucfirst($decoration->line->fabricLabel()) }} is not in
        <a href="{{ route('setup.practice') }}">the practice book</a>.
    @else
        Practised on {{ $decoration->line->fabricLabel() }} or its like: @foreach ($sheet->practice->take(4) as $one)
            {{ $one->who }}{{ $one->frame_kind === '' ? '' : " in {$one->frame_kind} frames" }}{{ $one->positionLabel() === '' ? '' : ", {$one->positionLabel()}" }},
            {{ $one->came_out }} of {{ $one->came_out + $one->failed }} came
            out{{ $one->on_scrap ? ' on scrap' : '' }}{{ $loop->last ? '.' : '; ' }}
            @endforeach @if ($frame && !$sheet->practice->contains('frame_kind', $frame->kind->value))
                <strong>Nobody has done it in a {{ $frame->kind->value }} frame yet.</strong>
            @endif
        @endif
</p>
