@php
    $piece = $read->piece;
    $order = $piece->decoration->line->order;
@endphp
<x-layout station="floor" :title="'Piece ' . $read->tag->code()" :floor="true">
    <x-slot:say>{{ ucfirst($read->stands()) }}.</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ $read->tag->code() }}</h1>
        <a class="ml-auto" href="{{ route('floor.tags') }}" data-key="l">Another label <kbd>l</kbd></a>
        <a href="{{ route('floor.show', $read->machine) }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    <dl class="facts max-w-[36em]">
        <dt>Piece</dt>
        <dd><strong>{{ $piece->label() }}</strong>{{ $piece->text === null ? '' : ", {$piece->text}" }}</dd>
        <dt>Garment</dt>
        <dd>{{ $piece->decoration->line->garmentLabel() }}</dd>
        <dt>Sewn on it</dt>
        <dd>{{ $piece->decoration->artwork->name ?? 'artwork comes later' }},
            {{ $piece->decoration->positionLabel() }}</dd>
        <dt>For</dt>
        <dd><a href="{{ route('orders.show', $order) }}">no. {{ $order->number }}</a>, {{ $order->customer->name }}, due
            {{ $order->due_at->format('D j M, H:i') }}</dd>
        <dt>Stands</dt>
        <dd>{{ $read->stands() }}</dd>
        @if ($piece->sewn_by !== '')
            <dt>Sewn by</dt>
            <dd>{{ $piece->sewn_by }}</dd>
        @endif
    </dl>
    @if ($looks->isNotEmpty())
        <h2 class="mb-2 mt-5">What was seen</h2>
        <ul class="flex flex-wrap gap-5">
            @foreach ($looks as $look)
                <li class="max-w-[20em] text-base">{{ ['finished' => 'finished', 'passed' => 'good',
                    'rework' => 'to be put right', 'rejected' => 'not good'][$look->kind] }}{{ $look->cause
                        ? ", {$look->cause->label()}" : '' }}{{ $look->note !== '' ? ": {$look->note}" : '' }}
                    <span class="text-soft">{{ $look->who }}, {{ $look->done_at->format('j M, H:i') }}</span>
                    @if ($look->photo)
                        <figure class="spot mt-1"><img src="{{ route('floor.look', $look->id) }}"
                                alt="What {{ $look->who }} saw">@if ($look->spot_x !== null)<svg viewBox="0 0 100 100"
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
    <h2 class="mb-2 mt-5">What is next</h2>
    <x-wrong field="piece" /><x-wrong field="kind" /><x-wrong field="who" />
    @if ($read->mayBeHooped())
        <form method="post" action="{{ route('floor.events', $read->machine) }}">@csrf<input type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="kind" value="piece_hooped"><input
                type="hidden" name="batch" value="{{ $read->batch->code }}"><input type="hidden" name="piece"
                value="{{ $piece->id }}"><button class="btn btn-main" data-key="h">It is hooped <kbd>h</kbd></button>
        </form>
    @elseif ($read->isToFinish())
        <form method="post" action="{{ route('floor.finish') }}" class="flex items-center gap-3">@csrf<input
            type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="numbers[]"
                value="{{ $piece->id }}"><label class="sr-only" for="who">Finished by</label><select id="who"
                name="who" class="!w-48">
                <option value="">by whom</option>
                @foreach ($people as $name)
                    <option @selected($who === $name)>{{ $name }}</option>
                @endforeach
            </select><button class="btn btn-main" data-key="f">It is finished <kbd>f</kbd></button></form>
    @elseif ($piece->finish === Hakama\Floor\FinishState::ToCheck)
        <p><a class="btn" href="{{ route('floor.finish') }}" data-key="f">Look at it <kbd>f</kbd></a></p>
    @else
        <p>{{ $read->next() }}</p>
    @endif
</x-layout>
