<x-layout station="shop" :title="__('shop.preview.what_the_import_would_change')">
    <x-slot:say>{{ __('shop.preview.cones_to_add_to_change_unchanged', [
        'name' => $name,
        'added' => count($diff->added),
        'changed' => count($diff->changed),
        'same' => $diff->same,
    ]) }}</x-slot:say>
    <x-shelf-tabs here="preview" :title="__('shop.preview.what_the_import_would_change')" />
    <x-wrong field="list" />
    @if ($problems !== [])
        <div class="note note-now mb-4">
            <p><x-said key="shop.preview.the_others_can_or_correct_the">
                <x-slot:strong><strong>{{ __('shop.preview.rows_cannot_be_imported', [
                'problems' => count($problems),
            ]) }}</strong></x-slot:strong></x-said></p>
            <ul class="mt-1 list-disc ps-5">
                @foreach (array_slice($problems, 0, 12) as $problem)
                    <li>{{ $problem }}</li>
                    @endforeach @if (count($problems) > 12)
                        <li>{{ __('shop.preview.and_more', ['problems' => count($problems) - 12]) }}</li>
                    @endif
            </ul>
        </div>
    @endif
    <table>
        <thead>
            <tr>
                <th>{{ __('shop.preview.thread') }}</th>
                <th class="num">{{ __('shop.preview.cone') }}</th>
                <th>{{ __('shop.preview.effect') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($diff->changed as [$row, $differences])
                <tr>
                    <td><x-swatch :hex="$row->hex" /><strong>{{ $row->code }}</strong> {{ $row->name }}</td>
                    <td class="num">{{ $row->cone }}</td>
                    <td>{{ __('shop.preview.changes', ['value' => implode(', ', App\Foundation\Words\Words::each($differences))]) }}</td>
                </tr>
            @endforeach
            @foreach ($diff->added as $row)
                <tr>
                    <td><x-swatch :hex="$row->hex" /><strong>{{ $row->code }}</strong> {{ $row->name }}</td>
                    <td class="num">{{ $row->cone }}</td>
                    <td>{{ __('shop.preview.new_weight_m', [
                        'weight' => $row->weight,
                        'metres_left' => $row->metresLeft,
                        'value' => $row->shelf === '' ? '' : ' '.__('shop.preview.at', ['shelf' => $row->shelf]),
                    ]) }}</td>
                </tr>
            @endforeach
            @if ($diff->changed === [] && $diff->added === [])
                <tr>
                    <td colspan="3" class="text-soft">{{ __('shop.preview.nothing_to_change_the_shelf_matches') }}</td>
                </tr>
            @endif
        </tbody>
    </table>
    <form method="post" action="{{ route('threads.take', $key) }}" class="mt-5 flex gap-3">@csrf<input type="hidden"
            name="seen" value="{{ $seen }}">
        @if ($diff->changed !== [] || $diff->added !== [])
            <button type="submit" class="btn btn-main"
                data-key="k">{{ __('shop.preview.import') }} <kbd>k</kbd></button>
        @endif
        <a class="btn" href="{{ route('threads.index') }}">{{ __('shop.preview.cancel') }}</a>
    </form>
</x-layout>
