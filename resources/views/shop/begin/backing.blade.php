@if ($backing->isNotEmpty())
    <ul class="note mb-4">
        @foreach ($backing as $one)
            <li>{{ __('shop.begin_backing.x_mm', [
                'value' => str_replace('_', ' ', $one->kind),
                'value_2' => str_replace('_', ' ', $one->form),
                'width_mm' => round($one->width_mm),
                'length_mm' => round($one->length_mm),
                'count' => $one->count,
            ]) }}</li>
        @endforeach
    </ul>
@endif
@include('setup.backing-form')
