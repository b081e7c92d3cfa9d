@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="floor" :title="'Needles for ' . $batch->code" :floor="true">
    <x-slot:say>{{ $batch->started ? "{$batch->code} is on {$placed->machine}: these are its needles."
        : "For the rack of {$placed->machine} as it will stand "
        . App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)) . ', when ' . $batch->code
        . ' is set up.' }}</x-slot:say>
    <div class="mb-3 flex items-center gap-3">
        <h1>{{ $batch->code }} {{ $batch->design->name }}</h1><a class="btn btn-main ml-auto"
            href="{{ route('floor.show', $placed->machine) }}" data-key="b">Back to {{ $placed->machine }}
            <kbd>b</kbd></a>
    </div>
    <p class="mb-2">{{ $batch->left }} × {{ $batch->setup->garment }}, {{ $batch->setup->position }}, frame
        <strong>{{ $batch->batch->equipment->frame }}</strong>{{ $setup === null
            ? '' : ", {$setup->loading->endWords()} towards the machine, "
            . App\Setup\DecisionRow::turn($setup->turnToSet) }},
        needle <strong>{{ $batch->batch->equipment->needle }}</strong>, {{ $batch->setup->speedSpm }} stitches a
        minute.</p>
    @include('needles.card-table')
    @include('needles.panel')
    <form method="post" action="{{ route('needles.slots.keep', $placed->machine) }}" class="mt-3 flex items-end gap-2">
        @csrf
        <input type="hidden" name="batch" value="{{ $batch->code }}"><input type="hidden" name="file"
            value="{{ $batch->design->checksum }}">
        <div><label for="slot">Slot on {{ $placed->machine }}{{ $slots === '' ? '' : " ({$slots})"
                }}</label><input id="slot" name="slot" class="w-40" maxlength="20"
                value="{{ old('slot', $kept?->slot) }}" autocomplete="off" @error('slot') aria-invalid="true"
                aria-describedby="wrong-slot" @enderror></div>
        <button class="btn">Keep it</button>
    </form>
    <x-wrong field="slot" />
    <p class="cautions mt-3">Read each code as it goes on the needle: what the machine keeps from the last job is wrong.
        Stop before reaching in.</p>
</x-layout>
