@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="floor" :title="__('floor.card.needles_for', ['code' => $batch->code])" :floor="true">
    <x-slot:say>{{ $batch->started ? __('floor.card.is_running_on_with_these_needles', [
        'code' => $batch->code,
        'machine' => $placed->machine,
    ])
        : __('floor.card.rack_of_at_when_is_set', [
            'machine' => $placed->machine,
            'changeover_start' => App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)),
            'code' => $batch->code,
        ]) }}</x-slot:say>
    <div class="mb-3 flex items-center gap-3">
        <h1>{{ $batch->code }} {{ $batch->design->name }}</h1><a class="btn btn-main ms-auto"
            href="{{ route('floor.show', $placed->machine) }}" data-key="b">{{ __('floor.card.back_to', [
                'machine' => $placed->machine,
            ]) }}
            <kbd>b</kbd></a>
    </div>
    <p class="mb-2"><x-said key="floor.card.x_frame_needle_spm" :with="['left' => $batch->left, 'garment' => $batch->setup->garment, 'position' => $batch->setup->position, 'value' => $setup === null
            ? '' : __('floor.card.towards_the_machine', [
                'end_words' => $setup->loading->endWords(),
                'turn' => App\Setup\DecisionRow::turn($setup->turnToSet),
            ]), 'speed_spm' => $batch->setup->speedSpm]">
                <x-slot:strong><strong>{{ $batch->batch->equipment->frame }}</strong></x-slot:strong>
                <x-slot:strong2><strong>{{ Hakama\Machine\NeedleType::read($batch->batch->equipment->needle)->label() }}</strong></x-slot:strong2></x-said></p>
    @include('needles.card-table')
    @include('needles.panel')
    <form method="post" action="{{ route('needles.slots.keep', $placed->machine) }}" class="mt-3 flex items-end gap-2">
        @csrf
        <input type="hidden" name="batch" value="{{ $batch->code }}"><input type="hidden" name="file"
            value="{{ $batch->design->checksum }}">
        <div><label for="slot">{{ __('floor.card.slot_on', [
            'machine' => $placed->machine,
            'value' => $slots === '' ? '' : " ({$slots})",
        ]) }}</label><input type="text" id="slot" name="slot" class="w-40" maxlength="20"
                value="{{ old('slot', $kept?->slot) }}" autocomplete="off" @error('slot') aria-invalid="true"
                aria-describedby="wrong-slot" @enderror></div>
        <button type="submit" class="btn">{{ __('floor.card.save') }}</button>
    </form>
    <x-wrong field="slot" />
    <p class="cautions mt-3">{{ __('floor.card.read_each_code_aloud_as_the') }}</p>
</x-layout>
