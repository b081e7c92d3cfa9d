<x-layout station="setup" title="Setup">
    @php $todo = $open->whereNull('frame')->where('bare', 0)->values(); @endphp
    <x-slot:say>
        @if ($todo->isNotEmpty())
            <span
                class="now">{{ $todo->count() === 1
                    ? 'One decoration waits' : $todo->count() . ' decorations wait' }}:</span>
            next is no. {{ $todo->first()->number }}, {{ $todo->first()->artwork }} at
            {{ str_replace('_', ' ', $todo->first()->position) }}, due
            {{ App\Foundation\Clock\ShopClock::words(Carbon\CarbonImmutable::parse($todo->first()->due_at)) }}.
        @else
            Everything open is set up.
        @endif
    </x-slot:say>
    <x-setup-tabs here="index" title="Decorations to set up" />
    @if ($open->isEmpty())
        <p class="note">Nothing is open. Write an order and give it artwork: then its frame, backing, needle and speed
            are worked out here.</p>
    @else
        <table>
            <caption class="sr-only">Open decorations, those not set up first</caption>
            <thead>
                <tr>
                    <th class="num">Order</th>
                    <th>For</th>
                    <th>Garment and place</th>
                    <th>Artwork</th>
                    <th class="num">Pieces</th>
                    <th>Due</th>
                    <th>Setup</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($open as $row)
                    <tr>
                        <td class="num"><a href="{{ route('orders.show', $row->number) }}">{{ $row->number }}</a>
                        </td>
                        <td>{{ $row->customer }}</td>
                        <td>{{ $row->style }} {{ str_replace('_', ' ', $row->garment) }}, {{ $row->colour_name }}:
                            <span class="font-semibold">{{ str_replace('_', ' ', $row->position) }}</span></td>
                        <td>{{ $row->artwork }}</td>
                        <td class="num">{{ $row->pieces }}</td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ Carbon\CarbonImmutable::parse($row->due_at)->format('D j M H:i') }}</td>
                        <td class="whitespace-nowrap">
                            @if ($row->frame)
                                <a
                                    href="{{ route('setup.show', $row->id) }}">{{ $row->frame }}{{ $row->turn_deg
                                        ? ", turned {$row->turn_deg}°" : '' }}</a>
                            @elseif ($row->bare)
                                <a href="{{ route('artwork.show', $row->artwork_id) }}">wants its threads
                                first</a>@else<a class="btn btn-small btn-main"
                                    href="{{ route('setup.show', $row->id) }}"
                                    @if ($row->id === $todo->first()?->id) data-key="s" @endif>Set
                                    up{!! $row->id === $todo->first()?->id ? ' <kbd>s</kbd>' : '' !!}</a>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout>
