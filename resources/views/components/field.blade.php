{{-- One line to write in, with its label and what was wrong with it; keeps what was typed. `box` is its place. A name
     with dots is that of a field within others. --}}
@props(['name', 'label', 'value' => '', 'box' => ''])
@php
    $id = str_replace('.', '-', $name);
    $parts = explode('.', $name);
@endphp
<div @if ($box !== '') class="{{ $box }}" @endif>
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}"
        name="{{ $parts[0] }}{{ implode('', array_map(fn($part) => "[{$part}]", array_slice($parts, 1))) }}"
        @if ($attributes->get('type') !== 'file') value="{{ old($name, $value) }}" @endif
        @error($name) aria-invalid="true" aria-describedby="wrong-{{ $id }}" @enderror {{ $attributes->merge(['type' => 'text']) }}>
    <x-wrong :field="$name" />
</div>
