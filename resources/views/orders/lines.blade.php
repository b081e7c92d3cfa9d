<div id="lines">
    @foreach (array_keys((array) old('lines', [0 => []])) as $i)
        @include('orders.line', ['i' => $i])
    @endforeach
</div>
<datalist id="colours">
    @foreach ($colours as $colour)
        <option value="{{ $colour }}"></option>
    @endforeach
</datalist>
<datalist id="styles">
    @foreach ($styles as $style)
        <option value="{{ $style }}"></option>
    @endforeach
</datalist>
