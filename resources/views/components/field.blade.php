{{-- One line to write in, with its label and what was wrong with it; keeps what was typed. `box` is its place. --}}
@props(['name', 'label', 'value' => '', 'box' => ''])
<div @if ($box !== '') class="{{ $box }}" @endif>
    <label for="{{ $name }}">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}"
        @if ($attributes->get('type') !== 'file') value="{{ old($name, $value) }}" @endif
        @error($name) aria-invalid="true" aria-describedby="wrong-{{ $name }}" @enderror {{ $attributes }}>
    <x-wrong :field="$name" />
</div>
