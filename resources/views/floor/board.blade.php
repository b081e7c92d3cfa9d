<x-layout station="floor" title="All machines" :floor="true">
    <x-slot:say>
        @php $first = $board->acts[0] ?? null; @endphp
        @if ($first?->stands)
            <span class="now">{{ $first->machine }}: {{ $first->what }}.</span>
        @elseif ($first)
            Next at {{ $first->machine }}: {{ $first->what }}.
        @else
            No machine wants a hand now.
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>All machines</h1>
        <a class="ml-auto" href="{{ route('floor.finish') }}" data-key="f">Finish and check <kbd>f</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    <div hx-get="{{ route('floor.board') }}" hx-trigger="every 5s"
        hx-swap="innerHTML">@include('floor.board-rows')</div>
</x-layout>
