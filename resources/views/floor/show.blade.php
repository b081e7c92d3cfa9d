<x-layout station="floor" title="Floor" :floor="true">
    <x-slot:say>
        @php $halted = $station->run?->stage === Hakama\Floor\Stage::Halted; @endphp
        @if ($halted)<span class="now">{{ $station->machine->code }} is halted and waits for a hand.</span>
        @elseif ($station->open)Machine {{ $station->machine->code }}: {{ $station->open->code }}, {{ $station->open->left }} pieces to go.
        @else Machine {{ $station->machine->code }} has nothing to do.@endif
    </x-slot:say>
    <div class="mb-3 flex gap-2" role="group" aria-label="Machines">
        @foreach ($machines as $one)<a class="btn {{ $one->id === $station->machine->id ? 'btn-main' : '' }}" href="{{ route('floor.show', $one) }}" @if ($one->id === $station->machine->id) aria-current="true" @endif>{{ $one->code }} {{ $one->name }}</a>@endforeach
        <p id="lost" class="now ml-auto self-center" role="alert" hidden>The server does not answer. What was recorded is kept; this page goes on by itself.</p>
    </div>
    @include('floor.station')
</x-layout>
