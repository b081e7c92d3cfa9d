@if ($people !== [])
    <p class="note mb-4">{{ implode(', ', $people) }}. Passwords, PINs and tablets: <a
            href="{{ route('people.show') }}">Shop, People</a>.</p>
@endif
@include('people.add-form')
