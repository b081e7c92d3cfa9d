@use('App\Foundation\Words\Dates')
@php
    $piece = $read->piece;
    $order = $piece->decoration->line->order;
@endphp
<x-layout station="floor" :title="__('floor.tag.piece', ['code' => $read->tag->code()])" :floor="true">
    <x-slot:say>{{ App\Foundation\Words\Words::capital($read->stands()) }}.</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ $read->tag->code() }}</h1>
        <a class="ms-auto" href="{{ route('floor.tags') }}" data-key="l">{{ __('floor.tag.another_label') }} <kbd>l</kbd></a>
        <a href="{{ route('floor.show', $read->machine) }}" data-key="b">{{ __('floor.tag.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    <dl class="facts max-w-[36em]">
        <dt>{{ __('floor.tag.piece_2') }}</dt>
        <dd><strong>{{ $piece->label() }}</strong>{{ $piece->text === null ? '' : ", {$piece->text}" }}</dd>
        <dt>{{ __('floor.tag.garment') }}</dt>
        <dd>{{ $piece->decoration->line->garmentLabel() }}</dd>
        <dt>{{ __('floor.tag.decoration') }}</dt>
        <dd>{{ $piece->decoration->artwork->name ?? __('floor.tag.artwork_to_follow') }},
            {{ $piece->decoration->positionLabel() }}</dd>
        <dt>{{ __('floor.tag.customer') }}</dt>
        <dd><x-said key="floor.tag.due" :with="[
            'name' => $order->customer->name,
            'due_at' => Dates::dayTime($order->due_at),
        ]"><x-slot:link><a href="{{ route('orders.show', $order) }}">{{ __('floor.tag.no', [
            'number' => $order->number,
        ]) }}</a></x-slot:link></x-said></dd>
        <dt>{{ __('floor.tag.status') }}</dt>
        <dd>{{ $read->stands() }}</dd>
        @if ($piece->sewn_by !== '')
            <dt>{{ __('floor.tag.sewn_by') }}</dt>
            <dd>{{ $piece->sewn_by }}</dd>
        @endif
    </dl>
    @if ($looks->isNotEmpty())
        <h2 class="mb-2 mt-5">{{ __('floor.tag.notes') }}</h2>
        <ul class="flex flex-wrap gap-5">
            @foreach ($looks as $look)
                <li class="max-w-[20em] text-base">{{ ['finished' => 'finished', 'passed' => 'good',
                    'rework' => __('floor.tag.to_fix'), 'rejected' => __('floor.tag.not_good')][$look->kind] }}{{ $look->cause
                        ? ", {$look->cause->label()}" : '' }}{{ $look->note !== '' ? ": {$look->note}" : '' }}
                    <span class="text-soft">{{ $look->who }}, {{ Dates::dateTime($look->done_at) }}</span>
                    @if ($look->photo)
                        <figure class="spot mt-1"><img src="{{ route('floor.look', $look->id) }}"
                                alt="{{ __('floor.tag.what_saw', [
                                    'who' => $look->who,
                                ]) }}">@if ($look->spot_x !== null)<svg viewBox="0 0 100 100"
                                    preserveAspectRatio="none" aria-hidden="true"><ellipse
                                        cx="{{ round(100 * $look->spot_x, 2) }}"
                                            cy="{{ round(100 * $look->spot_y, 2) }}"
                                        rx="4" ry="4" /></svg>@endif
                        </figure>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
    <h2 class="mb-2 mt-5">{{ __('floor.tag.whats_next') }}</h2>
    <x-wrong field="piece" /><x-wrong field="kind" /><x-wrong field="who" />
    @if ($read->mayBeHooped())
        <form method="post" action="{{ route('floor.events', $read->machine) }}">@csrf<input type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="kind" value="piece_hooped"><input
                type="hidden" name="batch" value="{{ $read->batch->code }}"><input type="hidden" name="piece"
                value="{{ $piece->id }}"><button type="submit" class="btn btn-main" data-key="h">{{ __('floor.tag.hooped') }} <kbd>h</kbd></button>
        </form>
    @elseif ($read->isToFinish())
        <form method="post" action="{{ route('floor.finish') }}" class="flex items-center gap-3">@csrf<input
            type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="numbers[]"
                value="{{ $piece->id }}"><label class="sr-only" for="who">{{ __('floor.tag.finished_by') }}</label><select id="who"
                name="who" class="!w-48">
                <option value="">{{ __('floor.tag.name') }}</option>
                @foreach ($people as $name)
                    <option @selected($who === $name)>{{ $name }}</option>
                @endforeach
            </select><button type="submit" class="btn btn-main" data-key="f">{{ __('floor.tag.finished') }} <kbd>f</kbd></button></form>
    @elseif ($piece->finish === Hakama\Floor\FinishState::ToCheck)
        <p><a class="btn" href="{{ route('floor.finish') }}" data-key="f">{{ __('floor.tag.inspect') }} <kbd>f</kbd></a></p>
    @else
        <p>{{ $read->next() }}</p>
    @endif
</x-layout>
