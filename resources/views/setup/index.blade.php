@use('App\Foundation\Clock\Moment')
@use('App\Foundation\Words\Dates')
<x-layout station="setup" :title="__('setup.index.setup')">
    @php $todo = $open->getCollection()->whereNull('frame')->where('bare', 0)->values(); @endphp
    <x-slot:say>
        @if ($todo->isNotEmpty())
            <span
                class="now">{{ $todo->count() === 1
                    ? __('setup.index.one_decoration_needs_setup') : __('setup.index.decorations_need_setup', [
                        'count' => $todo->count(),
                    ]) }}:</span>
            {{ __('setup.index.next_no_at_due', [
                'number' => $todo->first()->number,
                'artwork' => $todo->first()->artwork,
                'value' => Hakama\Garment\Position::from($todo->first()->position)->label(),
                'parse' => App\Foundation\Clock\ShopClock::words(Moment::read($todo->first()->due_at)),
            ]) }}
        @else
            {{ __('setup.index.all_open_orders_are_set_up') }}
        @endif
    </x-slot:say>
    <x-setup-tabs here="index" :title="__('setup.index.decorations_to_set_up')" />
    @if ($open->isEmpty())
        <p class="note">{{ __('setup.index.no_open_orders_enter_an_order') }}</p>
    @else
        <table>
            <caption class="sr-only">{{ __('setup.index.open_decorations_not_set_up_first') }}</caption>
            <thead>
                <tr>
                    <th class="num">{{ __('setup.index.order') }}</th>
                    <th>{{ __('setup.index.customer') }}</th>
                    <th>{{ __('setup.index.garment_and_position') }}</th>
                    <th>{{ __('setup.index.artwork') }}</th>
                    <th class="num">{{ __('setup.index.pieces') }}</th>
                    <th>{{ __('setup.index.due') }}</th>
                    <th>{{ __('setup.index.setup') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($open as $row)
                    <tr>
                        <td class="num"><a href="{{ route('orders.show', $row->number) }}">{{ $row->number }}</a>
                        </td>
                        <td>{{ $row->customer }}</td>
                        <td>{{ App\Foundation\Words\GarmentName::of($row->style, $row->garment, $row->colour_name) }}:
                            <span class="font-semibold">{{ Hakama\Garment\Position::from($row->position)->label() }}</span></td>
                        <td>{{ $row->artwork }}</td>
                        <td class="num">{{ $row->pieces }}</td>
                        <td class="whitespace-nowrap tabular-nums">
                            {{ Dates::dayTime(Moment::read($row->due_at)) }}</td>
                        <td class="whitespace-nowrap">
                            @if ($row->frame)
                                <a
                                    href="{{ route('setup.show', $row->id) }}">{{ $row->frame }}{{ $row->turn_deg
                                        ? __('setup.index.turned', ['turn_deg' => $row->turn_deg]) : '' }}</a>
                            @elseif ($row->bare)
                                <a href="{{ route('artwork.show', $row->artwork_id) }}">{{ __('setup.index.choose_its_threads_first') }}</a>@else<a class="btn btn-small btn-main"
                                    href="{{ route('setup.show', $row->id) }}"
                                    @if ($row->id === $todo->first()?->id) data-key="s" @endif>{{ __('setup.index.set_up') }}{!! $row->id === $todo->first()?->id ? ' <kbd>s</kbd>' : '' !!}</a>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$open" />
    @endif
</x-layout>
