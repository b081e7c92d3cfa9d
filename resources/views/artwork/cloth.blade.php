@php
    $n = static fn(float $value, int $places = 0) => App\Shop\Figure::words($value, $places);
    $trims = collect($sheet->steps)->filter(static fn($step) => $step->does(Hakama\Artwork\StopAction::TrimCloth));
@endphp
<x-layout station="artwork" :title="$artwork->name . ', cloth'">
    <x-slot:say>
        @if ($bill->pieces === [])
            {{ $artwork->name }} has no placement line: nothing is laid on.
        @elseif (in_array(null, $bill->cloths, true))
            @php $bare = count(array_keys($bill->cloths, null, true)); @endphp
            <span class="now">{{ $bare === count($bill->pieces) ? ($bare === 1
                ? 'Choose the cloth that is laid on.' : "Choose the cloths of all {$bare} pieces.")
                : "{$bare} of " . count($bill->pieces) . ' pieces still want their cloth.' }}</span>
        @else
            {{ count($bill->pieces) }} {{ count($bill->pieces) === 1 ? 'piece' : 'pieces' }} of cloth to a frame,
            {{ $bill->frames }} {{ $bill->frames === 1 ? 'frame' : 'frames' }} to sew.
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="cloth" />
    @if ($bill->pieces === [])
        <p class="note">A closed line that the next block follows is proposed as a placement line. Where the shape does
            not tell, say it on the <a href="{{ route('artwork.stops', $artwork) }}">stop sheet</a>: then the cloth it
            wants stands here.</p>
        @include('artwork.picking')
        @include('artwork.hardware')
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.8fr)_minmax(0,1fr)]">
            <div>
            <form method="post" action="{{ route('artwork.cloth', $artwork) }}">@csrf @method('put')
                <table>
                    <thead>
                        <tr>
                            <th>Piece</th>
                            <th>Shape</th>
                            <th>Cloth</th>
                            <th class="num">Cut, mm</th>
                            <th class="num">cm²</th>
                            <th class="num">Line, mm</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($bill->pieces as $piece)
                            <tr>
                                <td>{{ $piece->number }}<span class="block text-sm text-soft">block
                                        {{ $piece->block }}, held by {{ $piece->tackDown ?? 'none' }}</span>
                                </td>
                                <td>{!! App\Artwork\Drawing\ClothDrawing::small($piece, $bill->cloths[$piece->number]) !!}</td>
                                <td><label class="sr-only" for="cloth-{{ $piece->block }}">Cloth of piece
                                        {{ $piece->number }}</label>
                                    <select id="cloth-{{ $piece->block }}" name="cloths[{{ $piece->block }}]"
                                        @if ($loop->first) data-key="f" data-does="Choose the first cloth" @endif>
                                        <option value="">choose</option>
                                        @foreach ($shelf as $cloth)
                                            <option value="{{ $cloth->code }}"
                                                @selected($bill->cloths[$piece->number]?->id === $cloth->id)>
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
                <p class="mt-4 flex flex-wrap gap-2">
                    <button class="btn btn-main" data-key="k">Keep the cloths <kbd>k</kbd></button>
                    <a class="btn" href="{{ route('artwork.cloth.pattern', $artwork) }}" data-key="p">Cutting pattern
                        A4 <kbd>p</kbd></a>
                    <a class="btn"
                        href="{{ route('artwork.cloth.pattern', [$artwork, 'paper' => 'letter']) }}">Letter</a>
                    <a class="btn" href="{{ route('artwork.cloth.pattern', [$artwork, 'as' => 'svg']) }}">SVG</a>
                    <a class="btn" href="{{ route('catalogue.show', 'cloths') }}">Cloths of the shop</a>
                </p>
                <x-because about="How the shapes come about">
                    @if ($bill->preCut)
                        The house cuts cloth to its shape before it is laid: the placement line and the tack-down, grown
                        all round by the house’s rule, so that the tack-down holds it everywhere.
                    @else
                        The house lays whole cloth and trims it in the frame: a rectangle round the line, with room for
                        the scissors.
                    @endif
                    The other way is a <a href="/shop#applique">school of the house</a>.</x-because>
            </form>
            @include('artwork.picking')
            @include('artwork.hardware')
            </div>
            <section aria-label="How much, and how long">
                <h2 class="mb-1">For the open orders</h2>
                <p class="mb-2 text-sm text-soft">
                    {{ $bill->frames > 0 ? "{$bill->frames} frames are still to sew."
                        : 'Nothing is ordered: for one frame.' }}</p>
                @foreach ($bill->layouts as [$cloth, $layout, $cm2])
                    <div class="border-b border-hair py-2">
                        <p><x-swatch :hex="$cloth->hex" />{{ $cloth->code }} {{ $cloth->name }}</p>
                        <dl class="facts">
                            <dt>Pieces</dt>
                            <dd>{{ $n(count($layout->placed)) }}</dd>
                            <dt>Cloth in them</dt>
                            <dd>{{ $n($cm2) }} cm²</dd>
                            <dt>Length to cut off, {{ $n($cloth->width_mm) }} mm wide</dt>
                            <dd>{{ $n($layout->lengthMm) }} mm</dd>
                            <dt>On the bolt</dt>
                            <dd>{{ $n(max(0, $left[$cloth->code] ?? 0)) }} mm</dd>
                        </dl>
                        @if ($layout->tooWide !== [])
                            <p class="now">A piece is wider than this cloth.</p>
                        @elseif ($layout->lengthMm > max(0, $left[$cloth->code] ?? 0))
                            <p class="now">Buy
                                {{ $n($layout->lengthMm - max(0, $left[$cloth->code] ?? 0)) }} mm more.</p>
                        @endif
                    </div>
                @endforeach
                <h2 class="mb-1 mt-5">At the stops</h2>
                @if ($trims->isEmpty())
                    <p>Nothing is trimmed in the frame.</p>
                @else
                    <dl class="facts">
                        @foreach ($trims as $step)
                            <dt>Trim after block {{ $step->block }}, {{ $n($step->trimMm) }} mm of outline</dt>
                            <dd>{{ $n($step->actS(Hakama\Artwork\StopAction::TrimCloth, $halts)) }} s</dd>
                        @endforeach
                    </dl>
                @endif
                @if ($bill->savedS !== null && $trims->count() > 1)
                    <form method="post" action="{{ route('artwork.cloth.together', $artwork) }}" class="mt-3">@csrf
                        <p class="mb-1">No two cloths come near each other: all may be laid and held first, and
                            trimmed at
                            one stop. That saves {{ $n($bill->savedS) }} s a frame.</p>
                        <button class="btn" data-key="o">Make that version <kbd>o</kbd></button>
                    </form>
                @endif
            </section>
        </div>
    @endif
</x-layout>
