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
            'Measures by size: the setup draws the garment and works out neck, frame and place from them. '.
                'A garment that is called as its kind, such as “polo”, stands for all of that kind.',
        'frames' => 'Windows, the holes they are fixed in, and what is picked on the machine.',
        'machines' => 'Arm, room under the carriage, drivers, how long each change takes, and what the panel shows.',
        'cloths' => 'Cloth on the bolt, to be laid on: how wide it is and how much of it is left.',
        'hardware' => 'Snaps, rings, hooks and zips: price of one, and how many are left.',
        'positions' => 'Where things go in size M, and how much that grows from one size to the next.',
    ][$list];
    $before = '';
@endphp
<x-layout station="shop" title="Catalogue">
    <x-slot:say>{{ $say }}</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>Catalogue</h1>
        <nav class="tabs ml-auto" aria-label="Of the catalogue">
            @foreach ($lists as $one)
                <a href="{{ route('catalogue.show', $one) }}" data-key="{{ ['cloths' => 'o', 'hardware' => 'h'][$one] ?? $one[0] }}"
                    data-does="{{ ucfirst($one) }}"
                    @if ($one === $list) aria-current="page" @endif>{{ ucfirst($one) }}
                    <kbd>{{ ['cloths' => 'o', 'hardware' => 'h'][$one] ?? $one[0] }}</kbd></a>
            @endforeach
            <a href="{{ route('shop.show') }}" data-key="b">Shop <kbd>b</kbd></a>
        </nav>
    </div>
    <div class="mb-4 flex flex-wrap items-end gap-4">
        @if (in_array($list, ['garments', 'frames', 'hardware'], true))
            <a class="btn btn-main" href="{{ route('catalogue.edit', $list) }}" data-key="a">Add one <kbd>a</kbd></a>
        @endif
        <a class="btn" href="{{ route('catalogue.csv', $list) }}" data-key="c">Save as CSV <kbd>c</kbd></a>
        <form method="post" action="{{ route('catalogue.read', $list) }}" enctype="multipart/form-data"
            class="flex items-end gap-2">@csrf
            <div><label for="list">Read a list (CSV)</label><input id="list" name="list" type="file"
                    accept=".csv" @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror></div>
            <button class="btn">Take it over</button>
        </form>
    </div>
    <x-wrong field="list" />
    @if ($rows === [])
        <p class="note">Nothing is here yet. Until then the setup goes by measures to start with.</p>
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
                            <span class="sr-only">Change it</span>
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
                                            <strong>{{ str_replace('_', ' ', $row[0]) }}</strong>
                                        @elseif ($i === 0)
                                            <span
                                                class="sr-only">{{ $row[0] }}</span>@else{{ str_replace('_', ' ',
                                                    $row[$i]) }}
                                        @endif
                                    </td>
                                @endif
                            @endforeach
                            <td class="num">
                                @if ($row[0] !== $before)
                                    <span class="inline-flex flex-col gap-1"><a class="btn btn-small"
                                            href="{{ route('catalogue.edit', [$list, 'name' => $row[0]]) }}">Change<span
                                                class="sr-only"> {{ $row[0] }}</span></a>
                                        @if ($retired !== null)
                                            <form method="post" action="{{ route('catalogue.retire',
                                                $list) }}">@csrf<input
                                                    type="hidden" name="name" value="{{ $row[0] }}"><input
                                                    type="hidden" name="gone"
                                                    value="{{ (int) ! in_array($row[0], $retired, true) }}"><button
                                                    class="btn btn-small">{{ in_array($row[0], $retired, true)
                                                        ? 'In use again' : 'Out of use' }}<span
                                                        class="sr-only">: {{ $row[0] }}</span></button></form>
                                        @endif
                                    </span>
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
