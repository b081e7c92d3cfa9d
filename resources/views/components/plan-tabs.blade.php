@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <nav class="tabs ml-auto" aria-label="Of the plan">
        @foreach ([['show', 'The plan', 'b'], ['ask', 'Questions', 'q'], ['calendar', 'Calendar', 'k']] as [$route, $label, $key])
            <a href="{{ route("plan.{$route}") }}" data-key="{{ $key }}" data-does="{{ $label }}"
                @if ($here === $route) aria-current="page" @endif>{{ $label }}
                <kbd>{{ $key }}</kbd></a>
        @endforeach
    </nav>
</div>
