@php $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places); @endphp
@foreach ($problems as $problem)
    <p class="now text-sm">{{ $problem }}</p>
@endforeach
@if ($typed !== null)
    @php
        $widths = array_column($typed->sizes, 3);
        $heights = array_column($typed->sizes, 2);
    @endphp
    <p class="good text-sm">{{ __('orders.names_check.names_for_as_many_pieces_to', [
        'texts' => count($typed->texts),
        'widths' => $n(min($widths), 1),
        'widths_2' => $n(max($widths), 1),
        'heights' => $n(min($heights), 1),
        'value' => max($heights) > min($heights) ? ' '.__('orders.names_check.to', [
            'heights' => $n(max($heights), 1),
        ]) : '',
    ]) }}</p>
@endif
