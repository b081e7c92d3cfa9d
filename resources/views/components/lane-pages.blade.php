{{-- To the other machines, where not all are shown at once. --}}
@use('App\Plan\Chart\LanePage')
@props(['page', 'to'])
@if (count($page->pages) > 1)
    <div class="flex flex-wrap gap-1" role="group" aria-label="{{ __('common.lane_pages.machines_shown') }}">
        @foreach ($page->pages as $number => $machines)
            <a href="{{ $to(['part' => $number ?: null]) }}" @if ($number === $page->number) aria-current="true" @endif
                @class(['btn btn-small', 'btn-main' => $number === $page->number])>{{ LanePage::words($machines) }}</a>
        @endforeach
    </div>
@endif
