@php
    use Hakama\Floor\FinishState;
    use Hakama\Floor\PieceState;
    $order = $piece->decoration->line->order;
    $stands = match (true) {
        $piece->finish !== null && $piece->state === PieceState::Done => $piece->finish->label(),
        $piece->state === PieceState::Done => 'done',
        $piece->state === PieceState::Sewing => 'on the machine',
        $batch === null => 'to be set up',
        $batch->machine === null => "in {$batch->code}, which has no place in the plan yet",
        default => "waits in {$batch->code} for {$batch->machine->code}",
    };
@endphp
<x-layout station="floor" :title="'Piece ' . $tag->code()" :floor="true">
    <x-slot:say>{{ ucfirst($stands) }}.</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ $tag->code() }}</h1>
        <a class="ml-auto" href="{{ route('floor.tags') }}" data-key="l">Another label <kbd>l</kbd></a>
        <a href="{{ route('floor.show', $batch?->machine) }}" data-key="b">At the machine <kbd>b</kbd></a>
    </div>
    <dl class="facts max-w-[36em]">
        <dt>Piece</dt>
        <dd><strong>{{ $piece->label() }}</strong>{{ $piece->text === null ? '' : ", {$piece->text}" }}</dd>
        <dt>Garment</dt>
        <dd>{{ $piece->decoration->line->garmentLabel() }}</dd>
        <dt>Sewn on it</dt>
        <dd>{{ $piece->decoration->artwork->name ?? 'artwork comes later' }}, {{ $piece->decoration->positionLabel() }}</dd>
        <dt>For</dt>
        <dd><a href="{{ route('orders.show', $order) }}">no. {{ $order->number }}</a>, {{ $order->customer->name }}, due
            {{ $order->due_at->format('D j M, H:i') }}</dd>
        <dt>Stands</dt>
        <dd>{{ $stands }}</dd>
        @if ($piece->sewn_by !== '')
            <dt>Sewn by</dt>
            <dd>{{ $piece->sewn_by }}</dd>
        @endif
    </dl>
    <h2 class="mb-2 mt-5">What is next</h2>
    @if ($piece->state === PieceState::Waiting && $isNext)
        <form method="post" action="{{ route('floor.events', $batch->machine) }}">@csrf<input type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="kind" value="piece_hooped"><input
                type="hidden" name="batch" value="{{ $batch->code }}"><input type="hidden" name="piece"
                value="{{ $piece->id }}"><button class="btn btn-main" data-key="h">It is hooped <kbd>h</kbd></button>
        </form>
    @elseif (in_array($piece->finish, [FinishState::ToFinish, FinishState::Rework], true))
        <form method="post" action="{{ route('floor.finish') }}" class="flex items-center gap-3">@csrf<input type="hidden"
                name="id" value="{{ Str::uuid() }}"><input type="hidden" name="numbers[]"
                value="{{ $piece->id }}"><label class="sr-only" for="who">Finished by</label><select id="who"
                name="who" class="!w-48">
                <option value="">by whom</option>
                @foreach ($people as $name)
                    <option @selected($who === $name)>{{ $name }}</option>
                @endforeach
            </select><button class="btn btn-main" data-key="f">It is finished <kbd>f</kbd></button></form>
    @elseif ($piece->finish === FinishState::ToCheck)
        <p><a class="btn" href="{{ route('floor.finish') }}" data-key="f">Look at it <kbd>f</kbd></a></p>
    @elseif ($piece->state === PieceState::Sewing)
        <p>It is taken off and counted at the machine.</p>
    @elseif ($piece->state === PieceState::Waiting)
        <p>{{ $batch === null ? 'Its setup is chosen first.' : 'Its batch has its turn first.' }}</p>
    @else
        <p>It is handed over with its order.</p>
    @endif
</x-layout>
