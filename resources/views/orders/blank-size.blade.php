@if ($sizes !== [Hakama\Garment\Size::One->value])
    <div><label for="{{ $id }}">{{ __('orders.blanks.size') }}</label>
        <select id="{{ $id }}" name="size">
            <option value="">{{ __('orders.blanks.any_size') }}</option>
            @foreach ($sizes as $size)
                <option value="{{ $size }}" @selected($isOpen && old('size') === (string) $size)>{{ $size }}</option>
            @endforeach
        </select></div>
@endif
