@use('App\Foundation\Words\Dates')
@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="needles" :title="__('needles.card.needle_card', ['code' => $batch->code])">
    <x-slot:say>{{ __('needles.card.rack_of_at_if_the_plan', [
        'machine' => $placed->machine,
        'changeover_start' => App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)),
    ]) }}</x-slot:say>
    <div class="noprint mb-4 flex items-baseline gap-4">
        <h1>{{ __('needles.card.needle_card_2') }}</h1><button type="button" class="btn btn-main ms-auto" data-print data-key="p">{{ __('needles.card.print_it') }}
            <kbd>p</kbd></button><a class="btn" href="{{ route('needles.show', $placed->machine) }}" data-key="b">{{ __('needles.card.back') }}
            <kbd>b</kbd></a>
    </div>
    <div class="paper">
        <header class="flex items-baseline gap-4 border-b-2 border-ink pb-1"><strong class="text-lg">{{ $batch->code }}
                {{ $batch->design->name }}</strong><span class="ms-auto">{{ __('needles.card.changeover_no', [
                    'machine' => $placed->machine,
                    'changeover_start' => Dates::dayTime($at($placed->changeoverStart)),
                    'number' => $batch->order->number,
                ]) }}</span>
        </header>
        <p class="my-1">{{ __('needles.card.x_frame_needle_spm', ['left' => $batch->left, 'garment' => $batch->setup->garment, 'position' => $batch->setup->position, 'frame' => $batch->batch->equipment->frame, 'value' => $setup === null
                ? '' : __('needles.card.towards_the_machine', [
                    'end_words' => $setup->loading->endWords(),
                    'turn' => App\Setup\DecisionRow::turn($setup->turnToSet),
                ]), 'needle' => Hakama\Machine\NeedleType::read($batch->batch->equipment->needle)->label(), 'speed_spm' => $batch->setup->speedSpm]) }}</p>
        @include('needles.card-table')
        @include('needles.panel')
        <p class="cautions mt-2">{{ __('needles.card.read_each_code_aloud_as_the') }}</p>
    </div>
</x-layout>
