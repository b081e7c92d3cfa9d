{{-- All of it is drawn anew with each answer: only the one that was asked for last may come, or it would take away what is
    asked meanwhile. --}}
<div class="sheet mt-3 p-4">
    <div class="flex items-end gap-3">
        <div><label for="want">{{ __('artwork.suggest.colour_for_block', [
            'number' => $block->number,
        ]) }}</label><input type="text" id="want" name="hex"
                value="{{ $hex }}" maxlength="7" spellcheck="false" class="!w-28"
                data-hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" data-hx-trigger="change"
                data-hx-target="#choose" data-hx-swap="innerHTML" data-hx-include="#weight"
                    data-hx-sync="#choose:replace"></div>
        <div><label for="pick">{{ __('artwork.suggest.or_pick_it') }}</label><input type="color" id="pick" name="hex"
                value="{{ preg_match('/^#[0-9a-f]{6}$/i', $hex) ? $hex : '#2b3a67' }}" tabindex="-1"
                class="h-[40px] w-20 border border-[#8c8577] bg-paper p-1"
                data-hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" data-hx-trigger="change"
                data-hx-target="#choose" data-hx-swap="innerHTML" data-hx-include="#weight"
                    data-hx-sync="#choose:replace"></div>
        <div><label for="weight">{{ __('artwork.suggest.weight') }}</label><select id="weight" name="weight"
                data-hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" data-hx-target="#choose"
                data-hx-swap="innerHTML" data-hx-include="#want" data-hx-sync="#choose:replace">
                <option value="">{{ __('artwork.suggest.any') }}</option>
                @foreach ([40, 60] as $w)
                    <option value="{{ $w }}" @selected($weight === $w)>{{ $w }}</option>
                @endforeach
            </select>
        </div>
    </div>
    @if ($problem)
        <p class="wrong" role="alert">{{ $problem }}</p>
    @endif
    <p class="mb-1 mt-3 text-sm text-soft"><x-said key="artwork.suggest.closest_threads_in_stock_the_figure">
        <x-slot:link><a
            href="{{ route('threads.match', ['hex' => $hex]) }}">{{ __('artwork.suggest.compare_on_the_garment_colour_or') }}</a></x-slot:link></x-said></p>
    <form method="post" action="{{ route('artwork.thread', [$artwork, $block->number]) }}">
        @csrf @method('put')
        <table>
            @foreach ($matches as $match)
                <tr>
                    <td><span class="inline-block h-7 w-9 align-middle"
                            style="background: {{ $hex }}"></span><span
                            class="me-2 inline-block h-7 w-9 align-middle"
                            style="background: {{ $match->thread->colour->hex() }}"></span>{{ __('artwork.suggest.wt', [
                                'code' => $match->thread->code,
                                'name' => $threads[$match->thread->code]->name,
                                'weight' => $match->thread->weight,
                            ]) }}</td>
                    <td class="num">{{ App\Shop\Figure::words($match->difference, 2) }}</td>
                    <td>{{ $match->likeness->value === 'none' ? __('artwork.suggest.no_match') : $match->likeness->value }}</td>
                    <td class="num"><button type="submit" class="btn btn-small" name="thread"
                        value="{{ $match->thread->code }}"
                            aria-label="{{ __('artwork.suggest.use_for_block', [
                                'code' => $match->thread->code,
                                'number' => $block->number,
                            ]) }}">{{ __('artwork.suggest.use') }}</button>
                    </td>
                </tr>
            @endforeach
        </table>
    </form>
    <form method="post" action="{{ route('artwork.thread', [$artwork, $block->number]) }}"
        class="mt-3 flex items-end gap-2">
        @csrf @method('put')
        <div class="flex-1"><label for="byhand">{{ __('artwork.suggest.or_by_hand') }}</label><select id="byhand"
            name="thread">
                @foreach ($threads as $thread)
                    <option
                        value="{{ $thread->code }}" @selected($block->thread_id === $thread->id)>{{ __('artwork.suggest.wt_shelf', [
                        'code' => $thread->code,
                        'name' => $thread->name,
                        'weight' => $thread->weight,
                        'shelf' => $thread->shelf(),
                    ]) }}</option>
                @endforeach
            </select></div>
        <button type="submit"
            class="btn">{{ __('artwork.suggest.use_for_block_2', ['number' => $block->number]) }}</button>
    </form>
</div>
