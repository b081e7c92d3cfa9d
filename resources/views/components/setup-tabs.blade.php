@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <nav class="tabs ml-auto" aria-label="Of Setup">
        @foreach ([['index', 'Decorations', 'd'], ['backing', 'Backing to cut', 'c'], ['practice', 'Practice book', 'o']] as [$route, $label, $key])
            <a href="{{ route("setup.{$route}") }}" data-key="{{ $key }}" data-does="{{ $label }}"
                @if ($here === $route) aria-current="page" @endif>{{ $label }}
                <kbd>{{ $key }}</kbd></a>
        @endforeach
        <a href="{{ route('catalogue.show') }}" data-key="g"
            data-does="The catalogue of garments, frames and machines">Catalogue <kbd>g</kbd></a>
    </nav>
</div>
