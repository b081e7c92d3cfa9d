<form method="post" action="{{ route('orders.artwork', $decoration) }}" class="mt-1 flex gap-2">@csrf @method('put')
    <label class="sr-only" for="another{{ $decoration->id }}">{{ __('orders.artworks.another_artwork_for', [
        'position_label' => $decoration->positionLabel(),
    ]) }}</label>
    <select id="another{{ $decoration->id }}" name="artwork_id" class="max-w-40 !py-1">
        @foreach ($artworks as $id => $name)
            <option value="{{ $id }}" @selected($id === $decoration->artwork_id)>{{ $name }}</option>
        @endforeach
    </select>
    <button type="submit" class="btn btn-small">{{ __('orders.artworks.use_this_one') }}</button>
</form>
@if ($decoration->setup)
    <p class="mt-1 text-sm">{{ __('orders.artworks.it_leaves_the_plan_and_is') }}</p>
@endif
