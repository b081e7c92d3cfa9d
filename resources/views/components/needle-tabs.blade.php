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
    @php $of = $machine ?? $machines->first(); @endphp
    <x-tabs label="Of the needles" :tabs="[
        [route('needles.walks'), 'Walks to the shelf', 'w', $here === 'walks', 'Walks to the shelf, all machines'],
        ...$of === null
            ? []
            : [
                [route('needles.pins', $of), 'Worth a pin', 'p', $here === 'pins', 'Threads worth a pin'],
                [route('needles.care', $of), 'Care', 'c', $here === 'care', 'Care of this machine'],
            ],
    ]" />
</div>
