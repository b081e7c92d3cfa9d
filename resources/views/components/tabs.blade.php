@props(['label', 'tabs'])
{{-- The pages of one station: each with its address, name, key and what the list of keys says of it; one is here. --}}
<nav class="tabs ms-auto" aria-label="{{ $label }}">
    @foreach ($tabs as [$url, $name, $key, $here])
        <a href="{{ $url }}" data-key="{{ $key }}" data-does="{{ $tabs[$loop->index][4] ?? $name }}"
            @if ($here) aria-current="page" @endif>{{ $name }} <kbd>{{ $key }}</kbd></a>
    @endforeach
</nav>
