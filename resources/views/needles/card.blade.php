@php
    $at = static fn(int $s) => App\Foundation\Clock\ShopClock::time($s);
@endphp
<x-layout station="needles" :title="'Needle card ' . $batch->code">
    <x-slot:say>For the rack of {{ $placed->machine }} as it will stand
        {{ App\Foundation\Clock\ShopClock::words($at($placed->changeoverStart)) }}. If the plan changes, print it anew.</x-slot:say>
    <div class="noprint mb-4 flex items-baseline gap-4">
        <h1>Needle card</h1><button type="button" class="btn btn-main ml-auto" data-print data-key="p">Print it
            <kbd>p</kbd></button><a class="btn" href="{{ route('needles.show', $placed->machine) }}" data-key="b">Back
            <kbd>b</kbd></a>
    </div>
    <article class="paper">
        <header class="flex items-baseline gap-4 border-b-2 border-ink pb-1"><strong class="text-lg">{{ $batch->code }}
                {{ $batch->design->name }}</strong><span class="ml-auto">{{ $placed->machine }}, changeover
                {{ $at($placed->changeoverStart)->format('D j M H:i') }}, no. {{ $batch->order->number }}</span>
        </header>
        <p class="my-1">{{ $batch->left }} × {{ $batch->setup->garment }}, {{ $batch->setup->position }}, frame
            {{ $batch->batch->equipment->frame }}{{ $setup === null
                ? '' : ", {$setup->loading->endWords()} towards the machine, "
                . App\Setup\DecisionRow::turn($setup->turnToSet) }};
            needle {{ $batch->batch->equipment->needle }}, {{ $batch->setup->speedSpm }} stitches a minute.</p>
        @include('needles.card-table')
        @include('needles.panel')
        <p class="cautions mt-2">Read each code as it goes on the needle: what the machine keeps from the last job is
            wrong. Stop before reaching in.</p>
    </article>
</x-layout>
