@php
    $first = $rows === [] ? [] : reset($rows);
    $ofSize = static fn($column) => str_ends_with($column->name, '_mm');
@endphp
<x-layout station="shop" :title="$name === '' ? __('shop.catalogue_edit.add_to_the_catalogue') : __('shop.catalogue_edit.change', [
    'name' => $name,
])">
    <x-slot:say>{{ $list === 'garments'
        ? __('shop.catalogue_edit.leave_unknown_measures_empty_the_setup')
        : __('shop.catalogue_edit.everything_that_depends_on_it_is') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ $name === '' ? __('shop.catalogue_edit.add_to_the', [
            'list' => __('shop.catalogue_list.'.$list),
        ]) : $columns[0]->option($name) }}</h1><a class="ms-auto"
            href="{{ route('catalogue.show', $list) }}" data-key="b">{{ __('shop.catalogue_edit.back_to_the', [
                'list' => __('shop.catalogue_list.'.$list),
            ]) }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('catalogue.update', $list) }}">@csrf @method('put')
        <input type="hidden" name="seen" value="{{ $seen }}">
        <div class="grid grid-cols-2 gap-3 md:grid-cols-5">
            @foreach ($columns as $i => $column)
                @continue($list === 'garments' && ($column->name === 'size' || $ofSize($column)))
                <div>
                    <label for="f-{{ $column->name }}">{{ $column->label() }}</label>
                    @if ($column->options !== [] && !($i === 0 && $name !== ''))
                        <select id="f-{{ $column->name }}" name="{{ $column->name }}"
                            @error($column->name) aria-invalid="true" aria-describedby="wrong-{{ $column->name }}"
                                @enderror>
                            @if (in_array('nullable', $column->rules, true))
                                <option value="">{{ __('shop.catalogue_edit.unknown') }}</option>
                            @endif
                            @foreach ($column->options as $option)
                                <option value="{{ $option }}" @selected(old($column->name, $first[$column->name]
                                    ?? ($column->name === 'round' ? 'no' : '')) === $option)>
                                    {{ $column->option($option) }}</option>
                            @endforeach
                        </select>
                    @else
                        <input type="text" id="f-{{ $column->name }}" name="{{ $column->name }}"
                            value="{{ old($column->name, $first[$column->name] ?? '') }}"
                            @if ($i === 0 && $name !== '') readonly @endif
                            @error($column->name) aria-invalid="true" aria-describedby="wrong-{{ $column->name }}"
                                @enderror>
                    @endif
                    <x-wrong :field="$column->name" />
                </div>
            @endforeach
        </div>
        @if ($list === 'garments')
            <h2 class="mb-1 mt-5">{{ __('shop.catalogue_edit.measures_by_size_laid_flat_mm') }}</h2>
            @foreach ($columns as $column)
                @if ($ofSize($column))
                    <x-wrong :field="$column->name" />
                @endif
            @endforeach
            <div class="relative overflow-x-auto">
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('shop.catalogue_edit.measure') }}</th>
                            @foreach (Hakama\Garment\Size::cases() as $size)
                                <th class="num">{{ $size->label() }}</th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($columns as $column)
                            @if ($ofSize($column))
                                <tr>
                                    <td>{{ $column->label() }}</td>
                                    @foreach (Hakama\Garment\Size::cases() as $size)
                                        <td class="num"><input type="text"
                                                aria-label="{{ __('shop.catalogue_edit.in_size', [
                                                    'column' => $column->label(),
                                                    'value' => $size->label(),
                                                ]) }}"
                                                name="sizes[{{ $size->value }}][{{ $column->name }}]"
                                                value="{{ old("sizes.{$size->value}.{$column->name}",
                                                    $rows[$size->value][$column->name] ?? '') }}"
                                                placeholder="{{ round($starting[$size->value][substr($column->name,
                                                    0, -3)] ?? 0) ?: '' }}"
                                                inputmode="decimal" class="num !w-20 !p-1"></td>
                                    @endforeach
                                </tr>
                            @endif
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <button type="submit" class="btn btn-main mt-4"
            data-key="s">{{ __('shop.catalogue_edit.save') }} <kbd>s</kbd></button>
    </form>
</x-layout>
