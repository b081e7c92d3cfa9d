@php $risk = $risks->on($fabric, $job); @endphp
@if ($risk)
    <p @class(['mb-2 text-sm', 'note note-caution' => $risk->isUnpractised()])>{{ __('money.risk.at_stake_garments_worth', [
        'pieces' => $job->pieces,
        'on_table_cents' => $m($risk->onTableCents),
    ]) }}
        @if ($risk->isUnpractised())
            {{ __('money.risk.nobody_here_has_sewn_or_similar', [
                'fabric' => $fabric->label(),
                'loss_cents' => $m($risk->lossCents),
                'practice_pieces' => $risks->practicePieces(),
                'practice_min' => $n(ceil($risks->practiceMin($job))),
                'practised_cents' => $m($risk->practisedCents),
            ]) }}
        @else
            {{ __('money.risk.of_pieces_on_similar_cloth_expect', [
                'sewn' => $n($risk->sewn),
                'value' => $n(100 * $risk->share, 1),
                'loss_cents' => $m($risk->lossCents),
            ]) }}
        @endif
    </p>
@endif
