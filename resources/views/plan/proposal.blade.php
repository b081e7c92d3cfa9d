<x-layout station="plan" title="A better plan">
    <x-slot:say>
        @if ($proposal->isSearching())
            A plan is looked for beside the one in force.
        @elseif ($proposal->state === 'taken')
            This proposal was taken.
        @elseif ($proposal->state === 'left')
            This proposal was left; the plan is as it was.
        @elseif (isset($comparison) && $comparison->moves() === 0)
            Nothing better was found: the plan stays as it is.
        @elseif (isset($comparison))
            {{ $comparison->moves() }} {{ $comparison->moves() === 1 ? 'batch moves' : 'batches move' }}; changeovers
            take {{ (int) round($comparison->then->totals->changeoverMin) }} min instead of
            {{ (int) round($comparison->now->totals->changeoverMin) }}.
        @endif
    </x-slot:say>
    <x-plan-tabs here="proposal" :title="$words === '' ? 'Proposal '.$proposal->id : 'What if: '.$words" />
    @include('plan.progress')
</x-layout>
