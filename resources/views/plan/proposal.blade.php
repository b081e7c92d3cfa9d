<x-layout station="plan" :title="__('plan.proposal.a_better_plan')">
    <x-slot:say>
        @if ($proposal->isSearching())
            {{ __('plan.proposal.looking_for_a_better_plan') }}
        @elseif ($proposal->state === 'taken')
            {{ __('plan.proposal.this_proposal_is_in_use') }}
        @elseif ($proposal->state === 'left')
            {{ __('plan.proposal.this_proposal_was_discarded_the_plan') }}
        @elseif (isset($comparison) && $comparison->moves->count() === 0)
            {{ $proposal->isForMending() ? __('plan.proposal.nothing_to_mend') : __('plan.proposal.nothing_better_found_the_plan_stays') }}
        @elseif (isset($comparison))
            {{ __('plan.proposal.batches_move_changeovers_take_min_instead', [
                'moves' => $comparison->moves->count(),
                'changeover_min' => (int) round($comparison->then->totals->changeoverMin),
                'changeover_min_2' => (int) round($comparison->now->totals->changeoverMin),
            ]) }}
        @endif
    </x-slot:say>
    <x-plan-tabs here="proposal" :title="$words === '' ? __($proposal->isForMending() ? 'plan.proposal.mended' : 'plan.proposal.proposal', [
        'id' => $proposal->id,
    ]) : __('plan.proposal.what_if', ['words' => $words])" />
    @include('plan.progress')
</x-layout>
