<x-layout station="shop" :title="__('shop.changes.changes')">
    <x-slot:say>{{ __('shop.changes.who_changed_what_and_the_value') }}</x-slot:say>
    <x-shop-tabs here="changes" :title="__('shop.changes.changes')" />
    <form method="get" class="mb-4 flex flex-wrap items-end gap-3">
        <div class="w-72"><label for="q">{{ __('shop.changes.name_thing_or_words') }}</label><input id="q" type="search" name="q"
                value="{{ $words }}" maxlength="80" data-key="f" data-does="{{ __('shop.changes.find_a_change') }}"></div>
        <div class="w-48"><label for="kind">{{ __('shop.changes.about') }}</label><select id="kind" name="kind">
                <option value="">{{ __('shop.changes.everything') }}</option>
                @foreach ($kinds as $one)
                    <option value="{{ $one }}" @selected($kind === $one)>{{ __('common.change_kind.'.$one) }}</option>
                @endforeach
            </select></div>
        <button type="submit" class="btn">{{ __('shop.changes.find') }}</button>
    </form>
    @if ($changes->isEmpty())
        <p class="note">{{ $words === '' && $kind === ''
            ? __('shop.changes.no_changes_yet') : __('shop.changes.no_such_changes') }}</p>
    @else
        <x-change-table :changes="$changes" :thing="true" />
        @if ($changes->count() === $shown)
            <p class="mt-2 text-sm text-soft">{{ __('shop.changes.the_newest_search_to_find_older', [
                'shown' => $shown,
            ]) }}</p>
        @endif
    @endif
</x-layout>
