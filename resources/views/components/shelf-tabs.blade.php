@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <nav class="tabs ml-auto" aria-label="Of the thread shelf">
        @foreach ([['index', 'Shelf', 's'], ['needs', 'Wanted', 'w'], ['match', 'Match a colour', 'm']] as [$route, $label, $key])
            <a href="{{ route("threads.{$route}") }}" data-key="{{ $key }}" data-does="{{ $label }}"
                @if ($here === $route) aria-current="page" @endif>{{ $label }}
                <kbd>{{ $key }}</kbd></a>
        @endforeach
        <a href="{{ route('shop.show') }}" data-key="b">Shop <kbd>b</kbd></a>
    </nav>
</div>
