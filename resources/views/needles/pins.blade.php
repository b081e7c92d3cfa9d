<x-layout station="needles" title="Threads worth a pin">
    <x-slot:say>
        @if ($batches < 2)
            {{ $machine->code }} has run too little lately to learn from.
        @elseif ($advice->pins === [])
            No pin would have saved a change on {{ $machine->code }}.
        @else
            Pinned, {{ count($advice->pins) === 1 ? 'one thread' : count($advice->pins) . ' threads' }} would have saved
            {{ $advice->saves() }} of {{ $advice->changes }} changes on {{ $machine->code }}.
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="pins" />
    <h1 class="mb-2 text-xl">Threads worth a pin on {{ $machine->code }}</h1>
    @if ($batches < 2)
        <p class="note">What comes again and again shows once a few more batches were run on {{ $machine->code }}.</p>
    @elseif ($advice->pins === [])
        <p class="note">Looked at: {{ $batches }} {{ $batches === 1 ? 'batch' : 'batches' }} of the last
            {{ $weeks }} weeks. As they came, keeping the thread needed soonest did as well as any pin.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>Thread</th>
                    <th class="num">Used in batches</th>
                    <th class="num">Would have saved</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($advice->pins as $pin)
                    <tr>
                        <td><x-swatch :hex="$threads[$pin['thread']]?->hex"
                            />{{ $pin['thread'] }} {{ $threads[$pin['thread']]?->name }}
                        </td>
                        <td class="num">{{ $pin['uses'] }}</td>
                        <td class="num">{{ $pin['saves'] }} {{ $pin['saves'] === 1 ? 'change' : 'changes' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="mt-2">Load it, then tick “pinned” at its needle <a href="{{ route('needles.show', $machine) }}">on
                the rack</a>.</p>
    @endif
    <x-because about="How this was worked out">The {{ $batches }} batches that {{ $machine->code }} began in the
        last {{ $weeks }} weeks, in their order, are gone through once more with three of them known ahead at a
        time, as a shop knows them; then with one thread pinned after the other, each time the one that saves
        most.</x-because>
</x-layout>
