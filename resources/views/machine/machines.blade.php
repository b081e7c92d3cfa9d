<x-layout station="shop" title="Machines">
    <x-slot:say>The machines there are, what their controllers are let in with, and those out of use.</x-slot:say>
    <x-shop-tabs here="machines" title="Machines" />
    @if (session('code'))
        <div class="note mb-4" role="status">
            <p>At the controller of {{ session('for') }} give the address <strong>{{ url('/machines/pair') }}</strong>
                and the code</p>
            <p class="my-1 text-xl font-semibold tracking-widest">{{ session('code') }}</p>
            <p class="text-sm">It is good for a quarter of an hour and once. The token that is used now is good until
                then. What is said on the line stands in docs/machines.md.</p>
        </div>
    @endif
    @if ($machines->isEmpty())
        <p class="note mb-4">No machine yet. Add the first below.</p>
    @else
        <table class="mb-6">
            <thead>
                <tr>
                    <th>Machine</th>
                    <th class="num">Heads</th>
                    <th class="num">Needles</th>
                    <th class="num">Top spm</th>
                    <th>Drivers</th>
                    <th>Its console</th>
                    <th>Controller</th>
                    <th><span class="sr-only">In use</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($machines as $machine)
                    <tr>
                        <td><strong>{{ $machine->code }}</strong> {{ $machine->name }}
                            @if ($machine->retired_at)
                                <span class="block text-sm text-soft">out of use since
                                    {{ $machine->retired_at->format('j M Y') }}</span>
                            @endif
                        </td>
                        <td class="num">{{ $machine->heads }}</td>
                        <td class="num">{{ $machine->needles }}<span class="block text-sm text-soft">from the
                                {{ $machine->counts_from }}</span></td>
                        <td class="num">{{ $machine->top_spm }}</td>
                        <td>{{ implode(', ', $machine->drivers) }}</td>
                        <td>
                            @unless ($machine->retired_at)
                                <a href="{{ route('floor.show', $machine) }}">/floor/{{ $machine->code }}</a>
                            @endunless
                        </td>
                        <td>
                            @unless ($machine->retired_at)
                                <div class="flex flex-wrap items-center gap-2"><span
                                        class="text-sm">{{ $machine->paired_at
                                            ? 'paired ' . $machine->paired_at->format('j M, H:i')
                                            : 'not paired' }}</span>
                                    <form method="post" action="{{ route('machines.code', $machine) }}">@csrf<button
                                            class="btn btn-small">Show a code<span class="sr-only"> for
                                                {{ $machine->code }}</span></button></form>
                                    @if ($machine->paired_at)
                                        <form method="post" action="{{ route('machines.revoke', $machine) }}">@csrf
                                            @method('delete')<button class="btn btn-small">Let go<span
                                                    class="sr-only">: controller of {{ $machine->code }}</span></button>
                                        </form>
                                    @endif
                                </div>
                            @endunless
                        </td>
                        <td class="num">
                            <form method="post" action="{{ route('machines.retire', $machine) }}">@csrf<input
                                    type="hidden" name="gone" value="{{ (int) ! $machine->retired_at }}"><button
                                    class="btn btn-small">{{ $machine->retired_at
                                        ? 'In use again' : 'Out of use' }}<span
                                        class="sr-only">: {{ $machine->code }}</span></button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <p class="mb-6 text-sm text-soft">Arm, room under the carriage and minutes of each change of driver stand in the <a
            href="{{ route('catalogue.show', 'machines') }}">catalogue of machines</a>.</p>
    <h2 class="mb-2">A machine comes to the shop</h2>
    @include('machine.machine-form')
</x-layout>
