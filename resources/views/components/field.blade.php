{{-- One line to write in, with its label and what was wrong with it; keeps what was typed. `box` is its place. A name
     with dots is that of a field within others. Of several forms with the same fields each says where it is (`at`) and
     whether what was typed is its own (`mine`). --}}
@props(['name', 'label', 'value' => '', 'box' => '', 'at' => '', 'mine' => true])
@php
    $id = str_replace('.', '-', $name) . ($at === '' ? '' : "-{$at}");
    $parts = explode('.', $name);
    // Whoever sends a list where one line is asked for gets what was there.
    $typed = $mine ? old($name, $value) : $value;
    $typed = is_scalar($typed) || $typed === null ? $typed : $value;
@endphp
<div @if ($box !== '') class="{{ $box }}" @endif>
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}"
        name="{{ $parts[0] }}{{ implode('', array_map(fn($part) => "[{$part}]", array_slice($parts, 1))) }}"
        @if ($attributes->get('type') !== 'file') value="{{ $typed }}" @endif
        @if ($mine && $errors->has($name)) aria-invalid="true" aria-describedby="wrong-{{ str_replace('.', '-', $name) }}" @endif {{ $attributes->merge(['type' => 'text']) }}>
    @if ($mine)
        <x-wrong :field="$name" />
    @endif
</div>
