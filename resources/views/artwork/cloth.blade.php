@php
    $n = static fn(float $value, int $places = 0) => App\Shop\Figure::words($value, $places);
    $trims = collect($sheet->steps)->filter(static fn($step) => $step->does(Hakama\Artwork\StopAction::TrimCloth));
@endphp
<x-layout station="artwork" :title="__('artwork.cloth.cloth', ['name' => $artwork->name])">
    <x-slot:say>
        @if ($bill->pieces === [])
            {{ __('artwork.cloth.has_no_placement_line_so_no', ['name' => $artwork->name]) }}
        @elseif (in_array(null, $bill->cloths, true))
            @php $bare = count(array_keys($bill->cloths, null, true)); @endphp
            <span class="now">{{ $bare === count($bill->pieces) ? ($bare === 1
                ? __('artwork.cloth.choose_the_cloth') : __('artwork.cloth.choose_a_cloth_for_all_pieces', [
                    'bare' => $bare,
                ]))
                : __('artwork.cloth.of_pieces_still_need_a_cloth', [
                    'bare' => $bare,
                    'pieces' => count($bill->pieces),
                ]) }}</span>
        @else
            {{ __('artwork.cloth.pieces_of_cloth_per_frame_frames', [
                'pieces' => count($bill->pieces),
                'frames' => $bill->frames,
            ]) }}
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="cloth" />
    @if ($bill->pieces === [])
        <p class="note"><x-said key="artwork.cloth.a_closed_line_followed_by_another">
            <x-slot:link><a href="{{ route('artwork.stops', $artwork) }}">{{ __('artwork.cloth.stop_sheet') }}</a></x-slot:link></x-said></p>
        @include('artwork.picking')
        @include('artwork.hardware')
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.8fr)_minmax(0,1fr)]">
            <div>
            <form method="post" action="{{ route('artwork.cloth', $artwork) }}">@csrf @method('put')
                <input type="hidden" name="seen" value="{{ $seenCloths }}">
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('artwork.cloth.piece') }}</th>
                            <th>{{ __('artwork.cloth.shape') }}</th>
                            <th>{{ __('artwork.cloth.cloth_2') }}</th>
                            <th class="num">{{ __('artwork.cloth.cut_mm') }}</th>
                            <th class="num">cm²</th>
                            <th class="num">{{ __('artwork.cloth.line_mm') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($bill->pieces as $piece)
                            <tr>
                                <td>{{ $piece->number }}<span class="block text-sm text-soft">{{ __('artwork.cloth.block_held_by', [
                                    'block' => $piece->block,
                                    'tack_down' => $piece->tackDown ?? __('artwork.cloth.none'),
                                ]) }}</span>
                                </td>
                                <td>{!! App\Artwork\Drawing\ClothDrawing::small($piece, $bill->cloths[$piece->number]) !!}</td>
                                <td><label class="sr-only" for="cloth-{{ $piece->block }}">{{ __('artwork.cloth.cloth_for_piece', [
                                    'number' => $piece->number,
                                ]) }}</label>
                                    <select id="cloth-{{ $piece->block }}" name="cloths[{{ $piece->block }}]"
                                        @if ($loop->first) data-key="f" data-does="{{ __('artwork.cloth.choose_the_first_cloth') }}" @endif>
                                        <option value="">{{ __('artwork.cloth.choose') }}</option>
                                        @foreach ($shelf as $cloth)
                                            <option value="{{ $cloth->code }}"
                                                @selected(old('cloths.'.$piece->block, $bill->cloths[$piece->number]?->code) === $cloth->code)>
                                                {{ $cloth->code }} {{ $cloth->name }}</option>
                                        @endforeach
                                    </select>
                                    <x-wrong :field="'cloths.' . $piece->block" />
                                </td>
                                <td class="num">{{ $n($piece->bounds()->width(), 1) }} ×
                                    {{ $n($piece->bounds()->height(), 1) }}</td>
                                <td class="num">{{ $n($piece->areaCm2(), 1) }}</td>
                                <td class="num">{{ $n($piece->lineMm) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-wrong field="cloths" />
                <p class="mt-4 flex flex-wrap gap-2">
                    <button type="submit" class="btn btn-main" data-key="k">{{ __('artwork.cloth.save_cloths') }} <kbd>k</kbd></button>
                    <a class="btn" href="{{ route('artwork.cloth.pattern', $artwork) }}" data-key="p">{{ __('artwork.cloth.cutting_pattern') }} <kbd>p</kbd></a>
                    <a class="btn" href="{{ route('artwork.cloth.pattern', [$artwork, 'as' => 'svg']) }}">SVG</a>
                    <a class="btn" href="{{ route('catalogue.show', 'cloths') }}">{{ __('artwork.cloth.cloths_of_the_shop') }}</a>
                </p>
                <x-because :about="__('artwork.cloth.how_the_shapes_are_made')">
                    @if ($bill->preCut)
                        {{ __('artwork.cloth.cloth_is_cut_to_shape_before') }}
                    @else
                        {{ __('artwork.cloth.whole_cloth_is_laid_and_trimmed') }}
                    @endif
                    <x-said key="artwork.cloth.you_can_change_this_in_the">
                        <x-slot:link><a href="/shop#applique">{{ __('artwork.cloth.house_rules') }}</a></x-slot:link></x-said></x-because>
            </form>
            @include('artwork.picking')
            @include('artwork.hardware')
            </div>
            <section aria-label="{{ __('artwork.cloth.quantity_and_time') }}">
                <h2 class="mb-1">{{ __('artwork.cloth.for_open_orders') }}</h2>
                <p class="mb-2 text-sm text-soft">
                    {{ $bill->frames > 0 ? __('artwork.cloth.frames_left_to_sew', ['frames' => $bill->frames])
                        : __('artwork.cloth.no_open_orders_figures_for_one') }}</p>
                @foreach ($bill->layouts as [$cloth, $layout, $cm2])
                    <div class="border-b border-hair py-2">
                        <p><x-swatch :hex="$cloth->hex" />{{ $cloth->code }} {{ $cloth->name }}</p>
                        <dl class="facts">
                            <dt>{{ __('artwork.cloth.pieces') }}</dt>
                            <dd>{{ $n(count($layout->placed)) }}</dd>
                            <dt>{{ __('artwork.cloth.cloth_in_them') }}</dt>
                            <dd>{{ $n($cm2) }} cm²</dd>
                            <dt>{{ __('artwork.cloth.cut_length_cloth_mm_wide', [
                                'width_mm' => $n($cloth->width_mm),
                            ]) }}</dt>
                            <dd>{{ $n($layout->lengthMm) }} mm</dd>
                            <dt>{{ __('artwork.cloth.on_the_bolt') }}</dt>
                            <dd>{{ $n(max(0, $left[$cloth->code] ?? 0)) }} mm</dd>
                        </dl>
                        @if ($layout->tooWide !== [])
                            <p class="now">{{ __('artwork.cloth.a_piece_is_wider_than_this') }}</p>
                        @elseif ($layout->lengthMm > max(0, $left[$cloth->code] ?? 0))
                            <p class="now">{{ __('artwork.cloth.buy_mm_more', [
                                'length_mm' => $n($layout->lengthMm - max(0, $left[$cloth->code] ?? 0)),
                            ]) }}</p>
                        @endif
                    </div>
                @endforeach
                <h2 class="mb-1 mt-5">{{ __('artwork.cloth.at_the_stops') }}</h2>
                @if ($trims->isEmpty())
                    <p>{{ __('artwork.cloth.nothing_is_trimmed_in_the_frame') }}</p>
                @else
                    <dl class="facts">
                        @foreach ($trims as $step)
                            <dt>{{ __('artwork.cloth.trim_after_block_mm_of_outline', [
                                'block' => $step->block,
                                'trim_mm' => $n($step->trimMm),
                            ]) }}</dt>
                            <dd>{{ $n($step->actS(Hakama\Artwork\StopAction::TrimCloth, $halts)) }} s</dd>
                        @endforeach
                    </dl>
                @endif
                @if ($bill->savedS !== null && $trims->count() > 1)
                    <form method="post" action="{{ route('artwork.cloth.together', $artwork) }}" class="mt-3">@csrf
                        <p class="mb-1">{{ __('artwork.cloth.the_cloths_are_far_enough_apart', [
                            'saved_s' => $n($bill->savedS),
                        ]) }}</p>
                        <button type="submit" class="btn" data-key="o">{{ __('artwork.cloth.make_this_version') }} <kbd>o</kbd></button>
                    </form>
                @endif
            </section>
        </div>
    @endif
</x-layout>
