@props(['field'])
@error($field)
    <p class="wrong" id="wrong-{{ str_replace('.', '-', $field) }}" role="alert">{{ $message }}</p>
@enderror
