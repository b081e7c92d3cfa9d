<x-layout station="floor" title="Floor" :floor="true">
    <x-slot:say>
        @php $halted = $station->running?->run->stage === Hakama\Floor\Stage::Halted; @endphp
        @if ($halted)
            <span class="now">{{ $station->machine->code }} is halted and waits for a hand.</span>
        @elseif ($station->running)
            Machine {{ $station->machine->code }}: {{ $station->running->batch->code }},
            {{ $station->running->batch->left }} {{ $station->running->batch->left === 1 ? 'piece' : 'pieces' }} to go.
        @else
            Machine {{ $station->machine->code }} has nothing to do.
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap gap-2" role="group" aria-label="Machines">
        @foreach ($machines as $one)
            <a class="btn {{ $one->id === $station->machine->id ? 'btn-main' : '' }}"
                href="{{ route('floor.show', $one) }}"
                @if ($one->id === $station->machine->id) aria-current="true"
                    @endif>{{ $one->code }} {{ $one->name }}</a>
        @endforeach
        <a class="btn" href="{{ route('floor.board') }}" data-key="v"
            data-does="All machines at once">All <kbd>v</kbd></a>
        <a class="btn" href="{{ route('floor.bench') }}" data-key="j" data-does="The hooping bench">Bench
            <kbd>j</kbd></a>
        <a class="btn" href="{{ route('floor.finish') }}" data-key="z" data-does="Finish and check">Finish
            <kbd>z</kbd></a>
        @if ($people !== [])
            <form method="post" action="{{ route('floor.who') }}" class="ml-auto flex items-center gap-2">@csrf
                @method('put')<label for="at-machine" class="m-0 text-base">At the machines</label><select
                    id="at-machine" name="who" data-send class="!w-40">
                    <option value="">nobody said</option>
                    @foreach ($people as $name)
                        <option @selected($who === $name)>{{ $name }}</option>
                    @endforeach
                </select></form>
            @error('pin')
                <form method="post" action="{{ route('floor.who') }}" class="flex items-center gap-2">@csrf
                    @method('put')<input type="hidden" name="who" value="{{ old('who') }}"><label for="pin"
                        class="m-0 text-base">PIN of {{ old('who') }}</label><input id="pin" type="password"
                        name="pin" inputmode="numeric" autocomplete="off" autofocus class="!w-28" aria-invalid="true"
                        aria-describedby="wrong-pin"><button class="btn btn-small">It is me</button><x-wrong
                        field="pin" /></form>
            @enderror
        @endif
        <p id="lost" class="now ml-auto self-center" role="alert" hidden>The server does not answer. What was
            recorded is kept; this page goes on by itself.</p>
    </div>
    @include('floor.station')
</x-layout>
