@if ($problem)
    <p class="wrong" role="alert">
        {{ $problem }}</p>
@else
    <div class="flex" style="background: {{ $cloth }}" data-cloth="{{ $cloth }}"
        data-wanted="{{ $hex }}">
        <div class="flex-1 p-4">
            <div class="thread-strip" style="background-color: {{ $hex }}"></div>
        </div>
        @foreach ($matches as $match)
            <div class="flex-1 py-4 pe-4">
                <div class="thread-strip" style="background-color: {{ $match->thread->colour->hex() }}"></div>
            </div>
        @endforeach
    </div>
    <div class="flex border border-t-0 border-hair bg-paper text-center text-sm"><span
            class="flex-1 py-1 font-semibold">{{ __('stock.matches.asked_for') }}</span>
        @foreach ($matches as $match)
            <span class="flex-1 py-1 pe-4">{{ $match->thread->code }}</span>
        @endforeach
    </div>
    <table class="mt-3">
        <thead>
            <tr>
                <th>{{ __('stock.matches.thread') }}</th>
                <th class="num">{{ __('stock.matches.weight') }}</th>
                <th class="num">{{ __('stock.matches.difference') }}</th>
                <th>{{ __('stock.matches.verdict') }}</th>
                <th>{{ __('stock.matches.shelf') }}</th>
            </tr>
        </thead>
        <tbody>
            <tr>
                <td><x-swatch :hex="$hex" />{{ __('stock.matches.asked_for_2', [
                    'value' => $like ? "{$like->code} {$like->name}" : $hex,
                ]) }}</td>
                <td class="num">{{ $weight ?? '' }}</td>
                <td></td>
                <td></td>
                <td></td>
            </tr>
            @foreach ($matches as $match)
                <tr>
                    <td><x-swatch :hex="$match->thread->colour->hex()" /><strong>{{ $match->thread->code }}</strong>
                        {{ $threads[$match->thread->code]->name }}</td>
                    <td class="num">{{ $match->thread->weight }}</td>
                    <td class="num">{{ App\Shop\Figure::words($match->difference, 2) }}</td>
                    <td>{{ match ($match->likeness) {Hakama\Thread\Likeness::Same
                        => __('stock.matches.the_same'),Hakama\Thread\Likeness::Close => __('stock.matches.close'),Hakama\Thread\Likeness::Compromise
                            => __('stock.matches.noticeable'),Hakama\Thread\Likeness::None => __('stock.matches.no_match')} }}
                    </td>
                    <td>{{ $threads[$match->thread->code]->shelf() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <x-because :about="__('stock.matches.how_its_calculated')">{{ __('stock.matches.ciede2000_the_difference_seen_in_daylight') }}</x-because>
@endif
