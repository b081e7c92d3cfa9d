@php use Hakama\Floor\EventKind as K; @endphp
<x-layout station="floor" title="Put right" :floor="true">
    <x-slot:say>What was recorded by mistake is put right by an event of its own; the first one stays in the
        log.</x-slot:say>
    <h1 class="mb-3">{{ $machine->code }} {{ $machine->name }}: recorded of late</h1>
    @foreach ($misfits as $misfit)
        <form method="post" action="{{ route('floor.void', $machine) }}"
            class="note note-now mb-4 grid max-w-[46em] gap-3" aria-labelledby="misfit-{{ $misfit->event->seq }}">
            @csrf<input type="hidden" name="event" value="{{ $misfit->event->seq }}">
            <h2 id="misfit-{{ $misfit->event->seq }}">{{ $misfit->words() }}</h2>
            <p>It cannot have followed on what was recorded before it, so this batch cannot be worked out. Most often two
                told of one load. Void the second one: it leaves the log and is kept beside it.</p>
            <div><label for="why-void-{{ $misfit->event->seq }}">Why</label><input
                    id="why-void-{{ $misfit->event->seq }}" name="why_void" maxlength="200"
                    value="{{ old('why_void') }}"><x-wrong field="why_void" /></div>
            <div><button class="btn btn-now">Void this event</button></div>
        </form>
    @endforeach
    @if ($corrigible === [])
        <p class="note">Nothing was counted or spoiled here of late.</p>
    @else
        <form method="post" action="{{ route('floor.correct', $machine) }}" class="grid max-w-[46em] gap-4">
            @csrf<input type="hidden" name="id" value="{{ old('id', Str::uuid()) }}">
            <fieldset>
                <legend class="text-sm text-soft">What was it</legend>
                @foreach ($corrigible as $wrong)
                    <label class="check m-0"><input type="radio" name="of"
                            value="{{ $wrong->seq }}:{{ $wrong->piece }}" data-sets="put-right"
                            data-to="{{ $wrong->by->value }}"
                                @checked(old('of') === "{$wrong->seq}:{$wrong->piece}")><span
                            class="flex-1">{{ $wrong->words }}</span></label>
                @endforeach
                <x-wrong field="of" />
            </fieldset>
            <div><label for="put-right">In truth</label><select id="put-right" name="kind">
                    <option value="{{ K::PieceReturned->value }}"
                        @selected(old('kind') === K::PieceReturned->value)>it is not done: it waits again</option>
                    <option value="{{ K::SpoilWithdrawn->value }}"
                        @selected(old('kind') === K::SpoilWithdrawn->value)>it was not spoiled</option>
                </select><x-wrong field="kind" /></div>
            <x-field name="reason" label="Why" maxlength="200" />
            <div class="flex gap-3"><button class="btn btn-now" data-key="g">Put it right <kbd>g</kbd></button><a
                class="btn"
                    href="{{ route('floor.show', $machine) }}" data-key="q">Back <kbd>q</kbd></a></div>
        </form>
    @endif
</x-layout>
