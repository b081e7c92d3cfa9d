<x-layout station="orders" :title="'Slip ' . $order->number . '.' . $slip->number">
    <x-slot:say>{{ $slip->piece_count }} {{ $slip->piece_count === 1 ? 'garment' : 'garments' }} of no.
        {{ $order->number }}, handed over.</x-slot:say>
    <p class="noprint mb-4 flex gap-3"><button type="button" class="btn btn-main" data-print data-key="p">Print
            <kbd>p</kbd></button><a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order
            <kbd>b</kbd></a></p>
    <article class="paper">
        <h1 style="font-size: 22px">{{ $shop }}</h1>
        <p>Delivery slip {{ $order->number }}.{{ $slip->number }}, {{ $slip->handed_at->format('j F Y, H:i') }}</p>
        <p style="margin: 8px 0 14px">For <strong>{{ $order->customer->name }}</strong>{{ $order->contact !== ''
            ? ', ' . $order->contact : '' }}</p>
        <table>
            <thead>
                <tr>
                    <th>Garment</th>
                    <th>Sewn</th>
                    <th>Sizes</th>
                    <th class="num">Now</th>
                    <th class="num">Of the order</th>
                    <th class="num">Still to come</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($order->lines as $line)
                    @php
                        $now = $slip->sizesOf($line->id);
                        $wanted = array_sum($garments->wanted[$line->id] ?? []);
                        $handed = array_sum($garments->handed[$line->id] ?? []);
                    @endphp
                    @continue($now === [])
                    <tr>
                        <td>{{ $line->garmentLabel() }}</td>
                        <td>{{ $line->decorations->whereNull('split_from_id')->map(fn($d) => ($d->artwork?->name
                            ?? 'artwork') . ', ' . $d->positionLabel())->implode('; ') }}
                        </td>
                        <td>{{ implode(', ', array_map(fn($s, $n) => $s === 'one'
                            ? (string) $n : "{$s} {$n}", array_keys($now), $now)) }}
                        </td>
                        <td class="num">{{ array_sum($now) }}</td>
                        <td class="num">{{ $wanted }}</td>
                        <td class="num">{{ max(0, $wanted - $handed) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($order->lines->contains(fn($line) => $line->isIronedOn() && ($slip->pieces[$line->id] ?? []) !== []))
            <p style="margin-top: 14px"><strong>To iron on:</strong>
                {{ App\Orders\Messages::pressedOn($rules) }}</p>
        @endif
        <p style="margin-top: 40px">Received: ______________________________</p>
    </article>
</x-layout>
