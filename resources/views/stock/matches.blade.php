@if ($problem)
    <p class="wrong" role="alert">
        {{ ucfirst($problem) }}.</p>
@else
    <div class="flex" style="background: {{ $cloth }}" data-cloth="{{ $cloth }}"
        data-wanted="{{ $hex }}">
        <div class="flex-1 p-4">
            <div class="thread-strip" style="background-color: {{ $hex }}"></div>
        </div>
        @foreach ($matches as $match)
            <div class="flex-1 py-4 pr-4">
                <div class="thread-strip" style="background-color: {{ $match->thread->colour->hex() }}"></div>
            </div>
        @endforeach
    </div>
    <div class="flex border border-t-0 border-hair bg-paper text-center text-sm"><span
            class="flex-1 py-1 font-semibold">wanted</span>
        @foreach ($matches as $match)
            <span class="flex-1 py-1 pr-4">{{ $match->thread->code }}</span>
        @endforeach
    </div>
    <table class="mt-3">
        <thead>
            <tr>
                <th>Thread</th>
                <th class="num">Weight</th>
                <th class="num">Difference</th>
                <th>Verdict</th>
                <th>Where</th>
            </tr>
        </thead>
        <tbody>
            <tr>
                <td><x-swatch :hex="$hex" />wanted: {{ $like ? "{$like->code} {$like->name}" : $hex }}</td>
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
                        => 'the same',Hakama\Thread\Likeness::Close => 'close',Hakama\Thread\Likeness::Compromise
                            => 'a visible compromise',Hakama\Thread\Likeness::None => 'no match'} }}
                    </td>
                    <td>{{ $threads[$match->thread->code]->shelf() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <x-because about="How it is judged">CIEDE2000, as the eye sees it in daylight: below 1 the same, below 2.5 close,
        below 5 a visible compromise, above that no match. A screen and a photo are not the thread: hold the cone
        against the cloth before you decide.</x-because>
@endif
