@php $risk = $risks->on($fabric, $job); @endphp
@if ($risk)
    <p @class(['mb-2 text-sm', 'note note-caution' => $risk->isUnpractised()])>At stake:
        {{ $job->pieces }} garments worth {{ $m($risk->onTableCents) }}.
        @if ($risk->isUnpractised())
            Nobody here has sewn {{ $fabric->label() }} or its like: a loss of {{ $m($risk->lossCents) }} is to be
            expected. {{ $risks->practicePieces() }} on scrap first, about {{ $n(ceil($risks->practiceMin($job))) }} min,
            bring it to {{ $m($risk->practisedCents) }}; sewn as a patch only the felt is at stake.
        @else
            Of {{ $n($risk->sewn) }} pieces on cloth like it {{ $n(100 * $risk->share, 1) }} % are to be expected
            spoiled: {{ $m($risk->lossCents) }}.
        @endif
    </p>
@endif
