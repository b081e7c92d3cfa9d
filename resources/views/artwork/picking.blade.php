{{-- What is brought to the stops of a frame: wants $picking, $bill, $units and $artwork. --}}
@if ($picking->items !== [])
    <section class="mt-6" aria-label="At hand, in this order">
        <h2 class="mb-1">At hand, in this order</h2>
        <table id="picking">
            <thead>
                <tr>
                    <th>Stop</th>
                    <th>What</th>
                    <th>Done with it</th>
                    <th class="num">Cut to, {{ $units->label() }}</th>
                    <th class="num">For {{ max(1, $bill->frames) }} {{ $bill->frames > 1 ? 'frames' : 'frame' }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($picking->items as $item)
                    <tr>
                        <td>after block {{ $item->block }}</td>
                        <td>
                            @if ($item->piece !== null)
                                @php $cloth = $bill->cloths[$item->piece]; @endphp
                                {{ $cloth === null ? 'cloth' : "{$cloth->code} {$cloth->name}" }}, piece
                                {{ $item->piece }}
                                @if ($cloth?->fusible)
                                    <span class="block text-sm text-soft">web on its back: iron, cool, peel before it is
                                        cut; pressed after trimming</span>
                                @elseif ($cloth)
                                    <span class="block text-sm text-soft">no web: lightly sprayed, in the box, where it
                                        has to stay</span>
                                @endif
                            @else
                                {{ $item->action->brings() }}
                                @if ($item->shape)
                                    {!! App\Artwork\Drawing\ClothDrawing::small($item->shape, null) !!}
                                @endif
                            @endif
                        </td>
                        <td>{{ $item->action->label() }}</td>
                        <td class="num">{{ $units->figure($item->widthMm, 1) }} ×
                            {{ $units->figure($item->heightMm, 1) }}</td>
                        <td class="num">{{ max(1, $bill->frames) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-because about="Where the sizes come from">Cloth as its shape above. A back or pocket reaches beyond the
            lines it is taped to, backing and film beyond all that is sewn after that stop, by the
            <a href="/shop#trimmed_beyond_mm">room to trim cloth</a>. What happens at which stop is decided on the <a
                href="{{ route('artwork.stops', $artwork) }}">stop sheet</a>.</x-because>
    </section>
@endif
