@if ($machines->isNotEmpty())
    <p class="note mb-4">{{ $machines->map(fn($m) => "{$m->code} {$m->name}, {$m->needles} needles")->implode('; ') }}.
        Pair their controllers at <a href="{{ route('machines.show') }}">Shop, Machines</a>; without one, what
            happens is
        touched on the Floor by hand.</p>
@endif
@include('machine.machine-form')
