<x-layout station="floor" :title="__('floor.tags.a_label')" :floor="true">
    <x-slot:say>{{ __('floor.tags.scan_the_label_of_a_piece') }}</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.tags.a_label') }}</h1>
        <a class="ms-auto" href="{{ route('floor.show') }}" data-key="b">{{ __('floor.tags.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    @if ($typed !== '')
        <p class="note note-now mb-4" role="alert">{{ __('floor.tags.is_not_a_label_labels_start', [
            'typed' => $typed,
        ]) }}</p>
    @endif
    <div class="grid grid-cols-1 gap-8 md:grid-cols-2">
        <form method="get" action="{{ route('floor.tags') }}" class="grid gap-3">
            <div><label for="code">{{ __('floor.tags.label_code') }}</label><input type="text" id="code" name="code" value="{{ $typed }}"
                    maxlength="200" autocomplete="off" autofocus placeholder="P-1234-4"></div>
            <button type="submit" class="btn btn-main" data-key="w">{{ __('floor.tags.show') }} <kbd>w</kbd></button>
        </form>
        <x-scanner :found="route('floor.tags')" />
    </div>
</x-layout>
