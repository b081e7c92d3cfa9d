@php
    $decoration = $sheet->decoration;
    $advice = $sheet->advice;
    $best = $sheet->ranked()[0] ?? null;
@endphp
<x-layout station="setup" :title="'Set up ' . $decoration->artwork->name">
    <x-slot:say>
        @if ($advice->stops())
            <span class="now">It cannot be sewn as asked:
                {{ collect($advice->warnings)->firstWhere('stops', true)->text }}</span>
        @elseif ($best === null)
            <span class="now">The shop has no frame for the driver this needs.</span>
        @elseif (! $best->fits() && $advice->hoopings() === 1)
            <span class="now">It fits no frame of the shop.</span>
        @else
            Best:
            {{ $best->fit->frame->id }}, {{ $advice->loading()->endWords() }} towards the machine;
            {{ $advice->hoopings() > 1 ? "{$advice->hoopings()} hoopings, moving along the tube"
                : $best->change->label() }}.
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>{{ $decoration->artwork->name }} on {{ $decoration->line->garmentLabel() }}</h1>
        <nav class="tabs ml-auto" aria-label="Of this setup">
            <a href="{{ route('setup.print', $decoration) }}" data-key="t"
                data-does="The sheet for the workroom, on paper">On paper <kbd>t</kbd></a>
            <a href="{{ route('setup.backing') }}" data-key="c" data-does="Backing to cut">Backing to cut
                <kbd>c</kbd></a>
            <a href="{{ route('setup.practice') }}" data-key="o" data-does="The practice book">Practice book
                <kbd>o</kbd></a>
            <a href="{{ route('setup.index') }}" data-key="b">All setups <kbd>b</kbd></a>
        </nav>
    </div>
    @include('setup.sheet')
</x-layout>
