@php
    $shown =
        $list === 'garments'
            ? [
                'style',
                'garment',
                'fabric',
                'size',
                'chest_width_mm',
                'body_length_mm',
                'neck_opening_mm',
                'sleeve_width_mm',
                'leg_width_mm',
                'circumference_mm',
                'unit_value',
            ]
            : array_diff(array_map(static fn($c) => $c->name, $columns), [
                'outer_width_mm',
                'outer_height_mm',
                'corner_mm',
                'round',
                // Sentences: they are changed in the form and said in the steps.
                'panel_slots',
                'panel_caps',
                'panel_clamps',
                'panel_foot',
                'panel_screws',
            ]);
    $say = [
        'garments' =>
            __('shop.catalogue.measures_by_size_the_setup_uses'),
        'frames' => __('shop.catalogue.frame_windows_mounting_holes_and_what'),
        'machines' => __('shop.catalogue.arm_width_gap_under_the_carriage'),
        'cloths' => __('shop.catalogue.cloth_for_applique_width_and_length'),
        'hardware' => __('shop.catalogue.snaps_rings_hooks_and_zips_unit'),
        'positions' => __('shop.catalogue.positions_in_size_m_and_how'),
    ][$list];
    $before = '';
@endphp
<x-layout station="shop" :title="__('shop.catalogue.catalogue')">
    <x-slot:say>{{ $say }}</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>{{ __('shop.catalogue.catalogue') }}</h1>
        <nav class="tabs ms-auto" aria-label="{{ __('shop.catalogue.catalogue') }}">
            @foreach ($lists as $one)
                <a href="{{ route('catalogue.show', $one) }}" data-key="{{ ['cloths' => 'o', 'hardware' => 'h'][$one] ?? $one[0] }}"
                    data-does="{{ __('shop.list.'.$one) }}"
                    @if ($one === $list) aria-current="page" @endif>{{ __('shop.list.'.$one) }}
                    <kbd>{{ ['cloths' => 'o', 'hardware' => 'h'][$one] ?? $one[0] }}</kbd></a>
            @endforeach
            <a href="{{ route('shop.show') }}" data-key="b">{{ __('shop.catalogue.shop') }} <kbd>b</kbd></a>
        </nav>
    </div>
    <div class="mb-4 flex flex-wrap items-end gap-4">
        @if (in_array($list, ['garments', 'frames', 'hardware'], true))
            <a class="btn btn-main" href="{{ route('catalogue.edit', $list) }}" data-key="a">{{ __('shop.catalogue.add') }} <kbd>a</kbd></a>
        @endif
        <a class="btn" href="{{ route('catalogue.csv', $list) }}" data-key="c">{{ __('shop.catalogue.download_csv') }} <kbd>c</kbd></a>
        <form method="post" action="{{ route('catalogue.read', $list) }}" enctype="multipart/form-data"
            class="flex items-end gap-2">@csrf
            <div><label for="list">{{ __('shop.catalogue.upload_a_csv') }}</label><input id="list" name="list" type="file"
                    accept=".csv" @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
            <button type="submit" class="btn">{{ __('shop.catalogue.import') }}</button>
        </form>
    </div>
    <x-wrong field="list" />
    @if ($rows === [])
        <p class="note">{{ __('shop.catalogue.nothing_here_yet_until_then_the') }}</p>
    @else
        <div class="relative overflow-x-auto">
            <table>
                <thead>
                    <tr>
                        @foreach ($columns as $column)
                            @if (in_array($column->name, $shown, true))
                                <th @class([
                                    'num' =>
                                        $column->unit !== '' ||
                                        in_array($column->name, ['count', 'unit_value', 'unit_price', 'top_spm'], true),
                                ])>{{ $column->label() }}</th>
                            @endif
                        @endforeach
                        <th>
                            <span class="sr-only">{{ __('shop.catalogue.change_row') }}</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $row)
                        <tr>
                            @foreach ($columns as $i => $column)
                                @if (in_array($column->name, $shown, true))
                                    <td @class([
                                        'num' =>
                                            $column->unit !== '' ||
                                            in_array($column->name, ['count', 'unit_value', 'unit_price', 'top_spm'], true),
                                    ])>
                                        @if ($i === 0 && $row[0] !== $before)
                                            <strong>{{ $column->option($row[0]) }}</strong>
                                        @elseif ($i === 0)
                                            <span
                                                class="sr-only">{{ $column->option($row[0]) }}</span>@else{{ $column->option($row[$i]) }}
                                        @endif
                                    </td>
                                @endif
                            @endforeach
                            <td class="num">
                                @if ($row[0] !== $before)
                                    <div class="inline-flex flex-col gap-1"><a class="btn btn-small"
                                            href="{{ route('catalogue.edit', [$list, 'name' => $row[0]]) }}">{{ __('shop.catalogue.change') }}<span
                                                class="sr-only"> {{ $columns[0]->option($row[0]) }}</span></a>
                                        @if ($retired !== null)
                                            <form method="post" action="{{ route('catalogue.retire',
                                                $list) }}">@csrf<input
                                                    type="hidden" name="name" value="{{ $row[0] }}"><input
                                                    type="hidden" name="gone"
                                                    value="{{ (int) ! in_array($row[0], $retired, true) }}"><button
                                                        type="submit"
                                                    class="btn btn-small">{{ in_array($row[0], $retired, true)
                                                        ? __('shop.catalogue.use_again') : __('shop.catalogue.take_out_of_use') }}<span
                                                        class="sr-only">: {{ $columns[0]->option($row[0]) }}</span></button></form>
                                        @endif
                                    </div>
                                @endif
                            </td>
                        </tr>
                        @php $before = $row[0]; @endphp
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
</x-layout>
