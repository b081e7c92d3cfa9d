{{-- All of it is drawn anew with each answer: only the one that was asked for last may come, or it would take away what is
    asked meanwhile. --}}
<div class="sheet mt-3 p-4">
    <div class="flex items-end gap-3">
        <div><label for="want">Colour wanted for block {{ $block->number }}</label><input id="want" name="hex"
                value="{{ $hex }}" maxlength="7" spellcheck="false" class="!w-28"
                hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" hx-trigger="change"
                hx-target="#choose" hx-swap="innerHTML" hx-include="#weight" hx-sync="#choose:replace"></div>
        <div><label for="pick">or pick it</label><input type="color" id="pick" name="hex"
                value="{{ preg_match('/^#[0-9a-f]{6}$/i', $hex) ? $hex : '#2b3a67' }}" tabindex="-1"
                class="h-[40px] w-20 border border-[#8c8577] bg-paper p-1"
                hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" hx-trigger="change"
                hx-target="#choose" hx-swap="innerHTML" hx-include="#weight" hx-sync="#choose:replace"></div>
        <div><label for="weight">Weight</label><select id="weight" name="weight"
                hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}" hx-target="#choose"
                hx-swap="innerHTML" hx-include="#want" hx-sync="#choose:replace">
                <option value="">any</option>
                @foreach ([40, 60] as $w)
                    <option value="{{ $w }}" @selected($weight === $w)>{{ $w }}</option>
                @endforeach
            </select>
        </div>
    </div>
    @if ($problem)
        <p class="wrong" role="alert">{{ $problem }}</p>
    @endif
    <p class="mb-1 mt-3 text-sm text-soft">Nearest on the shelf; the figure is the difference to the eye (below 1 the
        same, below 2.5 close, below 5 a visible compromise). <a
            href="{{ route('threads.match', ['hex' => $hex]) }}">Lay them on the cloth’s colour, or take it from a
            photo</a></p>
    <form method="post" action="{{ route('artwork.thread', [$artwork, $block->number]) }}">
        @csrf @method('put')
        <table>
            @foreach ($matches as $match)
                <tr>
                    <td><span class="inline-block h-7 w-9 align-middle"
                            style="background: {{ $hex }}"></span><span
                            class="mr-2 inline-block h-7 w-9 align-middle"
                            style="background: {{ $match->thread->colour->hex() }}"></span>{{ $match->thread->code }}
                        {{ $threads[$match->thread->code]->name }}, {{ $match->thread->weight }} wt</td>
                    <td class="num">{{ App\Shop\Figure::words($match->difference, 2) }}</td>
                    <td>{{ $match->likeness->value === 'none' ? 'no match' : $match->likeness->value }}</td>
                    <td class="num"><button class="btn btn-small" name="thread" value="{{ $match->thread->code }}"
                            aria-label="Use {{ $match->thread->code }} for block {{ $block->number }}">Use</button>
                    </td>
                </tr>
            @endforeach
        </table>
    </form>
    <form method="post" action="{{ route('artwork.thread', [$artwork, $block->number]) }}"
        class="mt-3 flex items-end gap-2">
        @csrf @method('put')
        <div class="flex-1"><label for="byhand">Or by hand</label><select id="byhand" name="thread">
                @foreach ($threads as $thread)
                    <option value="{{ $thread->code }}" @selected($block->thread_id === $thread->id)>{{ $thread->code }}
                        {{ $thread->name }}, {{ $thread->weight }} wt, shelf {{ $thread->shelf() }}</option>
                @endforeach
            </select></div>
        <button class="btn">Put it to block {{ $block->number }}</button>
    </form>
</div>
