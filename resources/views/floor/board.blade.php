<x-layout station="floor" :title="__('floor.board.all_machines')" :floor="true">
    <x-slot:say>
        @php $first = $board->acts[0] ?? null; @endphp
        @if ($first?->stands)
            <span class="now">{{ $first->machine }}: {{ $first->what }}.</span>
        @elseif ($first)
            {{ __('floor.board.next_at', ['machine' => $first->machine, 'what' => $first->what]) }}
        @else
            {{ __('floor.board.no_machine_needs_you_right_now') }}
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.board.all_machines') }}</h1>
        <a class="ms-auto" href="{{ route('floor.shift') }}" data-key="u">{{ __('floor.board.hand_over') }} <kbd>u</kbd></a>
        <a href="{{ route('floor.finish') }}" data-key="f">{{ __('floor.board.finishing') }} <kbd>f</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">{{ __('floor.board.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    <div data-hx-get="{{ route('floor.board') }}" data-hx-trigger="every 5s"
        data-hx-swap="innerHTML">@include('floor.board-rows')</div>
</x-layout>
