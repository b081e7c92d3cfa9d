<x-layout station="floor" :title="__('floor.show.floor')" :floor="true">
    <x-slot:say>
        @php $halted = $station->running?->run->stage === Hakama\Floor\Stage::Halted; @endphp
        @if ($halted)
            <span class="now">{{ __('floor.show.has_stopped_and_needs_you', [
                'code' => $station->machine->code,
            ]) }}</span>
        @elseif ($station->running)
            {{ __('floor.show.machine_pieces_to_go', [
                'code' => $station->machine->code,
                'code_2' => $station->running->batch->code,
                'left' => $station->running->batch->left,
            ]) }}
        @else
            {{ __('floor.show.machine_is_free', ['code' => $station->machine->code]) }}
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap gap-2" role="group" aria-label="{{ __('floor.show.machines') }}">
        @foreach ($machines as $one)
            <a class="btn {{ $one->id === $station->machine->id ? 'btn-main' : '' }}"
                href="{{ route('floor.show', $one) }}"
                @if ($one->id === $station->machine->id) aria-current="true"
                    @endif>{{ $one->code }} {{ $one->name }}</a>
        @endforeach
        <a class="btn" href="{{ route('floor.board') }}" data-key="v"
            data-does="{{ __('floor.show.all_machines') }}">{{ __('floor.show.all') }} <kbd>v</kbd></a>
        <a class="btn" href="{{ route('floor.bench') }}" data-key="j" data-does="{{ __('floor.show.hooping_bench') }}">{{ __('floor.show.bench') }}
            <kbd>j</kbd></a>
        <a class="btn" href="{{ route('floor.finish') }}" data-key="z" data-does="{{ __('floor.show.finishing') }}">{{ __('floor.show.finish') }}
            <kbd>z</kbd></a>
        <a class="btn" href="{{ route('floor.folder', $station->machine) }}">{{ __('floor.show.files') }}</a>
        @if ($people !== [])
            <form method="post" action="{{ route('floor.who') }}" class="ms-auto flex items-center gap-2">@csrf
                @method('put')<label for="at-machine" class="m-0 text-base">{{ __('floor.show.at_the_machines') }}</label><select
                    id="at-machine" name="who" data-send class="!w-40">
                    <option value="">{{ __('floor.show.not_set') }}</option>
                    @foreach ($people as $name)
                        <option @selected($who === $name)>{{ $name }}</option>
                    @endforeach
                </select>
                <noscript><button type="submit" class="btn btn-small">{{ __('floor.show.save') }}</button></noscript></form>
            @error('pin')
                <form method="post" action="{{ route('floor.who') }}" class="flex items-center gap-2">@csrf
                    @method('put')<input type="hidden" name="who" value="{{ old('who') }}"><label for="pin"
                        class="m-0 text-base">{{ __('floor.show.pin_of', [
                            'value' => old('who'),
                        ]) }}</label><input id="pin" type="password"
                        name="pin" inputmode="numeric" autocomplete="off" autofocus class="!w-28" aria-invalid="true"
                        aria-describedby="wrong-pin"><button type="submit" class="btn btn-small">{{ __('floor.show.sign_in') }}</button><x-wrong
                        field="pin" /></form>
            @enderror
        @endif
        <p id="lost" class="now ms-auto self-center" role="alert" hidden>{{ __('floor.show.the_server_does_not_answer_entries') }}</p>
    </div>
    @include('floor.station')
</x-layout>
