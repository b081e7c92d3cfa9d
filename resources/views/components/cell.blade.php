{{-- A field in a table: its label is in the head of the column, and said in full to whoever does not see that. --}}
@props(['name', 'label', 'value' => ''])
@php
    $id = str_replace('.', '-', $name);
    $parts = explode('.', $name);
    $typed = old($name, $value);
@endphp
<label class="sr-only" for="{{ $id }}">{{ $label }}</label>
<input id="{{ $id }}" name="{{ $parts[0] }}{{ implode('', array_map(fn($part) => "[{$part}]", array_slice($parts, 1))) }}"
    value="{{ is_scalar($typed) || $typed === null ? $typed : $value }}" autocomplete="off"
    @error($name) aria-invalid="true" aria-describedby="wrong-{{ $id }}" @enderror {{ $attributes->merge(['type' => 'text']) }}>
<x-wrong :field="$name" />
