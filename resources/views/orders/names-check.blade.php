@php $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places); @endphp
@foreach ($problems as $problem)
    <p class="now text-sm">{{ $problem }}</p>
@endforeach
@if ($typed !== null)
    @php
        $widths = array_column($typed->sizes, 3);
        $heights = array_column($typed->sizes, 2);
    @endphp
    <p class="good text-sm">{{ count($typed->texts) }} names for as many pieces, {{ $n(min($widths), 1) }} to
        {{ $n(max($widths), 1) }} mm long, capitals
        {{ $n(min($heights), 1) }}{{ max($heights) > min($heights) ? ' to ' . $n(max($heights), 1) : '' }}
        mm high.</p>
@endif
