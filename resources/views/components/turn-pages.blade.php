{{-- To what comes before and after on a list of which a page is shown. --}}
@props(['page'])
@if ($page->hasPages())
    <nav class="mt-4 flex gap-4" aria-label="{{ __('common.turn_pages.pages') }}">
        @if ($page->previousPageUrl())
            <a href="{{ $page->previousPageUrl() }}" data-key="p">{{ __('common.turn_pages.earlier') }} <kbd>p</kbd></a>
        @endif
        @if ($page->nextPageUrl())
            <a href="{{ $page->nextPageUrl() }}" data-key="m">{{ __('common.turn_pages.more') }} <kbd>m</kbd></a>
        @endif
    </nav>
@endif
