@php
    /** Block, thread, needle and stop: wants $batch, $placed, $program, $sheet and $threads. */
    $load = collect($placed->changes->cones->load)->keyBy('needle');
@endphp
<table class="w-full">
    <thead>
        <tr>
            <th class="num">{{ __('needles.card_table.block') }}</th>
            <th>{{ __('needles.card_table.thread') }}</th>
            <th class="num">{{ __('needles.card_table.needle') }}</th>
            <th class="num">{{ __('needles.card_table.stitches') }}</th>
            <th>{{ __('needles.card_table.when_it_stops') }}</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($sheet->steps as $i => $step)
            @php
                $needle = $placed->changes->cones->order[$i];
                $code = $batch->batch->equipment->threads[$i];
            @endphp
            <tr>
                <td class="num">{{ $step->block }}</td>
                <td><x-swatch :hex="$batch->design->colours()[$i]" />{{ $code }} {{ $threads[$code]?->name }}</td>
                <td class="num"><strong
                        class="needle-number">{{ $needle }}</strong>{{ isset($load[$needle])
                            && $load[$needle]->to === $code ? ' '.__('needles.card_table.load_it') : '' }}
                </td>
                <td class="num">{{ __('needles.card_table.to', ['from' => $step->from, 'to' => $step->to]) }}</td>
                <td>{{ $step->words() ?: __('needles.card_table.ends') }}{{ $step->halts() ? ' '.__('needles.card_table.stop') : '' }}{{ $step->note === ''
                    ? '' : ', ' . $step->note }}
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($placed->changes->cones->load !== [])
    <p class="mt-2"><strong>{{ __('needles.card_table.load_first') }}</strong>
        @foreach ($placed->changes->cones->load as $change)
            {{ __('needles.card_table.needle_load', [
                'needle' => $change->needle,
                'value' => $change->from === null ? '' : __('needles.card_table.take_off', ['from' => $change->from]),
                'to' => $change->to,
                'name' => $threads[$change->to]?->name,
                'value_2' => $loop->last ? '.' : '; ',
            ]) }}
        @endforeach
</p>@else<p class="mt-2">{{ __('needles.card_table.every_thread_is_on_its_needle') }}</p>
@endif
<p class="mt-1" id="program">{{ $program }}</p>
@if ($placed->changes->needles > 0)
    <p class="mt-1"><x-said key="needles.card_table.on_this_cards_needles_another_size">
        <x-slot:strong><strong>{{ __('needles.card_table.fit', [
        'needle' => Hakama\Machine\NeedleType::read($batch->batch->equipment->needle)->label(),
    ]) }}</strong></x-slot:strong></x-said></p>
@endif
