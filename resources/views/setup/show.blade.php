<x-layout station="setup" :title="'Set up '.$decoration->artwork->name">
    <x-slot:say>
        @if ($advice->stops())<span class="now">It cannot be sewn as asked: {{ $advice->warnings[0]->text }}</span>
        @elseif ($best === null || ! $best->fit->fits())<span class="now">It fits no frame of the shop.</span>
        @else Best: {{ $best->fit->frame->id }}{{ $best->fit->turn->value ? ', turned '.$best->fit->turn->value.'°' : '' }}; {{ $best->change->label() }}.@endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ $decoration->artwork->name }} on {{ $decoration->line->garmentLabel() }}</h1>
        <a class="ml-auto" href="{{ route('setup.index') }}" data-key="b">All setups <kbd>b</kbd></a>
    </div>
    @include('setup.sheet')
</x-layout>
