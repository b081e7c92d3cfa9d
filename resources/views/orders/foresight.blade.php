@foreach ($words as $sentence)
    <p class="note note-caution mb-2">{{ $sentence }}</p>
@endforeach
