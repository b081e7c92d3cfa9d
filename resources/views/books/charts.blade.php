@use('App\Foundation\Words\Words')
@use('App\Books\Charts\ChartKind')
@php
    $n = static fn(float $v) => App\Shop\Figure::words($v, $chart->decimals);
    $span = ['from' => $from->toDateString(), 'to' => $to->toDateString()];
@endphp
<x-layout station="books" :title="$kind->label()">
    <x-slot:say>{{ $chart->says }}</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>{{ $kind->label() }}</h1>
        <x-tabs :label="__('books.charts.chart_pages')" :tabs="[
            ...array_map(
                static fn(ChartKind $one) => [
                    route('books.charts', [$one->value, ...$span]), $one->label(), $one->key(), $one === $kind,
                ],
                ChartKind::cases(),
            ),
            [route('books.show'), __('books.promises.books'), 'b', false],
        ]" />
    </div>
    <form class="noprint mb-4 flex flex-wrap items-end gap-3" method="get">
        <div><label for="from">{{ __('books.show.from') }}</label><input id="from" type="date" name="from"
                value="{{ $from->toDateString() }}"></div>
        <div><label for="to">{{ __('books.show.to') }}</label><input id="to" type="date" name="to"
                value="{{ $to->toDateString() }}"></div>
        <button type="submit" class="btn" data-key="w">{{ __('books.show.show') }} <kbd>w</kbd></button>
        <button type="button" class="btn ms-auto" data-print data-key="p">{{ __('books.charts.print') }} <kbd>p</kbd></button>
    </form>
    <x-wrong field="from" /><x-wrong field="to" />
    @if ($chart->figures === [])
        <p class="note">{{ $chart->says }}</p>
    @else
        <figure data-chart="figures" data-form="{{ $kind->isOverTime() ? 'columns' : 'bars' }}"
            data-unit="{{ $chart->unit }}" @if ($chart->line !== null) data-line="{{ $chart->line }}"
                data-line-label="{{ __('books.charts.target') }}" @endif
            aria-label="{{ $kind->label() }}: {{ $chart->says }}" role="group" class="chart mb-4" style="--rows: {{ count($chart->figures) }}"></figure>
        <details class="mb-4" open>
            <summary>{{ __('books.charts.figures') }}</summary>
            <table id="figures" class="mt-2">
                <thead>
                    <tr>
                        <th scope="col">{{ Words::capital($chart->rows) }}</th>
                        @foreach ($chart->series as $series)
                            <th scope="col" class="num" data-series>{{ $series }}</th>
                        @endforeach
                        <th scope="col"><span class="sr-only">{{ __('books.charts.note') }}</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($chart->figures as $row)
                        <tr data-label="{{ $row->label }}" data-values="{{ json_encode(array_map(static fn(float $v) => round($v, 2), $row->values)) }}"
                            data-said="{{ json_encode(array_map($n, $row->values)) }}" data-note="{{ $row->note }}"
                            @if ($row->href !== '') data-href="{{ $row->href }}" @endif
                            @if ($row->ahead) data-ahead @endif>
                            <td class="whitespace-nowrap">
                                @if ($row->href !== '')
                                    <a href="{{ $row->href }}">{{ $row->label }}</a>
                                @else
                                    {{ $row->label }}
                                @endif
                            </td>
                            @foreach ($row->values as $value)
                                <td @class(['num', 'now' => $value < 0])>{{ $n($value) }} {{ $chart->unit }}</td>
                            @endforeach
                            <td class="text-soft">{{ $row->note }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </details>
    @endif
    <x-because :about="__('books.charts.where_from')">{{ $chart->because }}</x-because>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('chart.js') }}" defer></script>
</x-layout>
