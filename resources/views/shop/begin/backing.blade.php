@if ($backing->isNotEmpty())
    <ul class="note mb-4">
        @foreach ($backing as $one)
            <li>{{ __('shop.begin_backing.x_mm', [
                'value' => Hakama\Setup\Backing\Backing::from($one->kind)->label(),
                'value_2' => Hakama\Setup\Backing\StockForm::from($one->form)->label(),
                'width_mm' => round($one->width_mm),
                'length_mm' => round($one->length_mm),
                'count' => $one->count,
            ]) }}</li>
        @endforeach
    </ul>
@endif
@include('setup.backing-form', ['another' => 'backing'])
