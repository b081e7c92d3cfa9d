@props(['machine' => null, 'machines', 'here'])
<div class="mb-4 flex flex-wrap items-center gap-2">
    <div class="flex flex-wrap gap-2" role="group" aria-label="Machines">
        @foreach ($machines as $one)
            <a class="btn {{ $machine && $one->id === $machine->id ? 'btn-main' : '' }}"
                href="{{ route('needles.show', $one) }}"
                @if ($machine && $one->id === $machine->id) aria-current="true" @endif>{{ $one->code }}
                {{ $one->name }}<span class="ml-2 font-normal">{{ $one->needles }} needles</span></a>
        @endforeach
    </div>
    <nav class="tabs ml-auto" aria-label="Of the needles">
        <a href="{{ route('needles.walks') }}" data-key="w" data-does="Walks to the shelf, all machines"
            @if ($here === 'walks') aria-current="page" @endif>Walks to the shelf <kbd>w</kbd></a>
        <a href="{{ route('needles.pins', $machine ?? $machines->first()) }}" data-key="p"
            data-does="Threads worth a pin" @if ($here === 'pins') aria-current="page" @endif>Worth a pin
            <kbd>p</kbd></a>
    </nav>
</div>
