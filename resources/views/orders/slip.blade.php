@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="__('orders.slip.slip', ['number' => $order->number, 'number_2' => $slip->number])">
    <x-slot:say>{{ __('orders.slip.garments_of_no_handed_over', [
        'piece_count' => $slip->piece_count,
        'number' => $order->number,
    ]) }}</x-slot:say>
    <p class="noprint mb-4 flex gap-3"><button type="button" class="btn btn-main" data-print data-key="p">{{ __('orders.slip.print') }}
            <kbd>p</kbd></button><a class="btn" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.slip.back_to_the_order') }}
            <kbd>b</kbd></a></p>
    <div class="paper">
        <h1 style="font-size: 22px">{{ $shop }}</h1>
        <p>{{ __('orders.slip.delivery_slip', [
            'number' => $order->number,
            'number_2' => $slip->number,
            'handed_at' => Dates::fullTime($slip->handed_at),
        ]) }}</p>
        <p style="margin: 8px 0 14px"><x-said key="orders.slip.for" :with="['value' => $order->contact !== ''
            ? ', ' . $order->contact : '']">
                <x-slot:strong><strong>{{ $order->customer->name }}</strong></x-slot:strong></x-said></p>
        <table>
            <thead>
                <tr>
                    <th>{{ __('orders.slip.garment') }}</th>
                    <th>{{ __('orders.slip.sewn') }}</th>
                    <th>{{ __('orders.slip.sizes') }}</th>
                    <th class="num">{{ __('orders.slip.now') }}</th>
                    <th class="num">{{ __('orders.slip.of_the_order') }}</th>
                    <th class="num">{{ __('orders.slip.still_to_come') }}</th>
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
                            ?? __('orders.slip.artwork')) . ', ' . $d->positionLabel())->implode('; ') }}
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
            <p style="margin-top: 14px"><strong>{{ __('orders.slip.to_iron_on') }}</strong>
                {{ App\Orders\Messages::pressedOn($rules) }}</p>
        @endif
        <p style="margin-top: 40px">{{ __('orders.slip.received') }}</p>
    </div>
</x-layout>
