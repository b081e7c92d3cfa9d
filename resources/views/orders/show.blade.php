@use('App\Foundation\Words\Dates')
<x-layout station="orders" :title="__('orders.show.order', ['number' => $order->number])">
    <x-slot:say>
        @if ($order->cancelled_at)
            {{ __('orders.show.no_was_cancelled', [
                'number' => $order->number,
                'cancelled_at' => Dates::dateTime($order->cancelled_at),
            ]) }}
        @elseif ($blanksShort > 0)
            <span class="now">{{ __('orders.show.no_is_blanks_short_and_cannot', [
                'number' => $order->number,
                'blanks_short' => $blanksShort,
            ]) }}</span>
        @elseif ($isSewn)
            {{ __('orders.show.all_of_it_is_sewn', ['number' => $order->number]) }}
        @elseif ($ends === null)
            {{ __('orders.show.no_is_not_in_the_plan', ['number' => $order->number]) }}
        @elseif ($ends > $order->due_at)
            <span class="now">{{ __('orders.show.no_finishes_late', [
                'number' => $order->number,
                'ends' => App\Foundation\Clock\ShopClock::words($ends),
            ]) }}</span>
        @else
            {{ __('orders.show.no_finishes_on_time', [
                'number' => $order->number,
                'ends' => App\Foundation\Clock\ShopClock::words($ends),
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1><a class="no-underline" href="{{ route('customers.show', $order->customer) }}" title="{{ __('orders.show.customer_page') }}">{{ __('orders.show.no_for', ['number' => $order->number, 'name' => $order->customer->name]) }}</a></h1>
        <a class="ms-auto" href="{{ route('orders.money', $order) }}" data-key="m"
            data-does="{{ __('orders.show.cost_and_profit') }}">{{ __('orders.show.money') }} <kbd>m</kbd></a>
        <a href="{{ route('orders.approvals', $order) }}" data-key="a">{{ __('approval.page.nav') }} <kbd>a</kbd></a>
        <a href="{{ route('orders.again', $order) }}" data-key="g">{{ __('orders.show.order_again') }} <kbd>g</kbd></a>
        <a href="{{ route('orders.tags', $order) }}" data-key="l">{{ __('orders.show.labels') }} <kbd>l</kbd></a>
        <a href="{{ route('orders.story', $order) }}" data-key="h"
            data-does="{{ __('orders.show.blanks_handover_messages_history') }}">{{ __('orders.show.blanks_handover_history') }} <kbd>h</kbd></a>
        <a class="btn btn-small" href="{{ route('orders.edit', $order) }}" data-key="c">{{ __('orders.show.change') }} <kbd>c</kbd></a>
        <a href="{{ route('orders.index') }}" data-key="b">{{ __('orders.show.all_orders') }} <kbd>b</kbd></a>
    </div>
    @if ($odds && $ends !== null)
        <p class="mb-1">{{ __('orders.show.on_time') }} <x-odds :of="$odds" /> ·
            @if ($odds->promise !== null)
                {{ __('orders.show.safe_promise', [
                    'promise' => App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($odds->promise)),
                ]) }}
            @endif
            @if ($odds->endangered !== null)
                <x-said key="orders.show.biggest_risk"><x-slot:link><a
                    href="{{ route('plan.why', $odds->endangered) }}">{{ $odds->endangered }}</a></x-slot:link></x-said>
            @endif
        </p>
    @endif
    <p class="mb-5 text-soft">{{ __('orders.show.due_received', ['due_at' => Dates::longDayTime($order->due_at), 'value' => $order->for_event
        ? __('orders.show.for_an_event') : '', 'received_at' => Dates::dayTime($order->received_at), 'value_2' => $order->shelf !== ''
            ? ' '.__('orders.show.finished_pieces', [
                'shelf' => $order->shelf,
            ]) : '', 'value_3' => $order->note !== '' ? ' ' . $order->note : '']) }}</p>
    <div id="steps" class="mb-6 min-h-[150px] sm:min-h-14"></div>
    @foreach ($order->lines as $line)
        <section class="mb-6">
            <h2 class="mb-2"><x-swatch :hex="$line->colour_hex" />{{ $line->garmentLabel() }} <span
                    class="font-sans text-base font-normal text-soft">{{ $line->fabricLabel() }}{{ $line->profile !== Hakama\Garment\Profile::None
                            ? __('orders.show.profile', [
                                'value' => $line->structure->label(),
                                'value_2' => $line->profile->label(),
                            ])
                            : '' }}{{ $line->patch_back === null ? '' : ', '.App\Foundation\Words\Words::say($line->patch_back->label()) }}</span>
            </h2>
            <table>
                <thead>
                    <tr>
                        <th>{{ __('orders.show.position') }}</th>
                        <th>{{ __('orders.show.artwork') }}</th>
                        <th>{{ __('orders.show.sizes') }}</th>
                        <th>{{ __('orders.show.pieces_done') }}</th>
                        <th>{{ __('orders.show.status') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($line->decorations as $decoration)
                        @php
                            $of = $pieces[$decoration->id] ?? collect();
                            $done = (int) $of->where('state', 'done')->sum('pieces');
                            $all = (int) $of->sum('pieces');
                        @endphp
                        <tr>
                            <td>
                                @if ($decoration->artwork?->read_at !== null)
                                    <span class="mb-1 flex h-24 w-32 items-center justify-center border border-hair p-1"
                                        style="background: {{ $line->colour_hex }}"><img class="max-h-full max-w-full" loading="lazy"
                                            src="{{ route('orders.colours.drawing', $decoration) }}"
                                            alt="{{ __('orders.show.on_cloth', ['name' => $decoration->artwork->name]) }}"></span>
                                @endif
                                {{ $decoration->positionLabel() }}</td>
                            <td>
                                @if ($decoration->artwork)
                                    <a
                                    href="{{ route('artwork.show',
                                        $decoration->artwork_id) }}">{{ $decoration->artwork->name }}</a>
                                    @if (isset($versions[$decoration->artwork_id]) && $done === 0)
                                        <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                                            class="mt-1 flex gap-2">@csrf @method('put')
                                            <label class="sr-only" for="version{{ $decoration->id }}">{{ __('orders.show.version_for', [
                                                'position_label' => $decoration->positionLabel(),
                                            ]) }}</label>
                                            <select id="version{{ $decoration->id }}" name="artwork_id"
                                                class="max-w-40 !py-1">
                                                @foreach ($versions[$decoration->artwork_id] as $version)
                                                    <option value="{{ $version->id }}"
                                                        @selected($version->id === $decoration->artwork_id)>
                                                        {{ $version->name }}</option>
                                                @endforeach
                                            </select>
                                            <button type="submit" class="btn btn-small">{{ __('orders.show.use_this_version') }}</button>
                                        </form>
                                    @endif
                                    @if ($of->every(fn($some) => $some->state === 'waiting')
                                        && ! $named->contains($decoration->id))
                                        <details class="mt-1" data-hx-get="{{ route('orders.artworks', $decoration) }}"
                                            data-hx-trigger="toggle once" data-hx-target="find div"
                                                data-hx-swap="innerHTML">
                                            <summary
                                                class="text-sm text-soft">{{ __('orders.show.another_artwork') }}</summary>
                                            <div></div>
                                        </details>
                                    @endif
                                @else<span
                                        class="text-soft">{{ __('orders.show.to_follow') }}</span>
                                @endif
                                @if ($decoration->artwork?->read_at !== null)
                                    <a class="block text-sm" href="{{ route('orders.colours', $decoration) }}"
                                        @if ($loop->parent->first && $loop->first) data-key="k"
                                            data-does="{{ __('orders.show.use_other_colours') }}"
                                                @endif>{{ __('orders.show.colours') }} @if ($loop->parent->first
                                                    && $loop->first) <kbd>k</kbd>@endif</a>
                                @endif
                                @if ($done === 0 || $named->contains($decoration->id))
                                    <a class="block text-sm" href="{{ route('orders.names', $decoration) }}"
                                        @if ($loop->parent->first && $loop->first) data-key="n"
                                            data-does="{{ __('orders.show.a_name_on_each') }}" @endif>{{ $named->contains($decoration->id)
                                                ? __('orders.show.the_names') : __('orders.show.a_name_on_each') }}@if ($loop->parent->first
                                                && $loop->first) <kbd>n</kbd>@endif</a>
                                @endif
                            </td>
                            <td class="tabular-nums">{{ App\Garment\SizeRun::said(
                                $of->groupBy('size')->map(static fn($some) => (int) $some->sum('pieces'))->all(),
                            ) }}</td>
                            <td>
                                <div class="flex items-center gap-3">
                                    <div class="w-32"><x-strip :done="$done"
                                        :sewing="(int) $of->where('state', 'sewing')->sum('pieces')"
                                            :of="$all" /></div><span class="num">{{ $done }} /
                                        {{ $all }}</span>
                                </div>
                            </td>
                            <td>
                                @if ($all > 0 && $done === $all)
                                    {{ __('orders.show.done') }}
                                @elseif ($decoration->artwork === null)
                                    <form method="post" action="{{ route('orders.artwork', $decoration) }}"
                                        class="flex gap-2">@csrf @method('put')
                                        <label class="sr-only"
                                            for="art{{ $decoration->id }}">{{ __('orders.show.artwork_for', [
                                            'position_label' => $decoration->positionLabel(),
                                        ]) }}</label>
                                        <select id="art{{ $decoration->id }}" name="artwork_id" class="max-w-40">
                                            @foreach ($artworks as $id => $name)
                                                <option value="{{ $id }}">{{ $name }}</option>
                                            @endforeach
                                        </select>
                                        <button type="submit"
                                            class="btn btn-small">{{ __('orders.show.use_it') }}</button>
                                    </form>
                                @elseif (isset($open[$decoration->id]))
                                    <a href="{{ route('plan.show') }}">{{ $open[$decoration->id]->code }}
                                        {{ $open[$decoration->id]->queued->machine
                                            ? __('orders.show.on', [
                                                'machine' => $open[$decoration->id]->queued->machine,
                                            ]) : __('orders.show.not_planned') }}</a>,
                                    {{ $open[$decoration->id]->batch->equipment->frame }}
                                    @if ($open[$decoration->id]->copies > 1)
                                        @php $over = Hakama\Machine\CopiesPerFrame::over($open[$decoration->id]->left,
                                            $open[$decoration->id]->copies); @endphp
                                        <span
                                            class="block text-sm text-soft">{{ __('orders.show.per_frame_frames_to_sew', [
                                            'copies' => $open[$decoration->id]->copies,
                                            'pieces' => $open[$decoration->id]->batch->pieces,
                                            'value' => $over > 0 ? __('orders.show.spare_on_the_last', [
                                                'over' => $over,
                                            ]) : '',
                                        ]) }}</span>
                                    @endif
                                @else<a
                                    href="{{ route('setup.show', $decoration) }}">{{ __('orders.show.to_set_up') }}</a>
                                @endif
                                @foreach ($warnings[$decoration->id] ?? [] as $warning)
                                    <p @class(['now' => $warning->stops]) role="alert">{{ $warning->text }}</p>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
    {{-- What came, went and was said stands on a page of its own, and here as soon as it is read. --}}
    <div data-hx-get="{{ route('orders.story', $order) }}" data-hx-trigger="load" data-hx-select="#story"
        data-hx-select-oob="#steps" data-hx-swap="innerHTML" class="scripted min-h-screen"></div>
</x-layout>
