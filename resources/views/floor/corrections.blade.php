@php use Hakama\Floor\EventKind as K; @endphp
<x-layout station="floor" :title="__('floor.corrections.correct')" :floor="true">
    <x-slot:say>{{ __('floor.corrections.a_mistake_is_corrected_by_a') }}</x-slot:say>
    <h1 class="mb-3">{{ __('floor.corrections.logged_lately', [
        'code' => $machine->code,
        'name' => $machine->name,
    ]) }}</h1>
    @foreach ($misfits as $misfit)
        <form method="post" action="{{ route('floor.void', $machine) }}"
            class="note note-now mb-4 grid max-w-[46em] gap-3" aria-labelledby="misfit-{{ $misfit->event->seq }}">
            @csrf<input type="hidden" name="event" value="{{ $misfit->event->seq }}">
            <h2 id="misfit-{{ $misfit->event->seq }}">{{ $misfit->words() }}</h2>
            <p>{{ __('floor.corrections.this_entry_cannot_follow_the_one') }}</p>
            <div><label for="why-void-{{ $misfit->event->seq }}">{{ __('floor.corrections.reason') }}</label><input
                type="text"
                    id="why-void-{{ $misfit->event->seq }}" name="why_void" maxlength="200"
                    value="{{ old('why_void') }}"><x-wrong field="why_void" /></div>
            <div><button type="submit" class="btn btn-now">{{ __('floor.corrections.void_this_entry') }}</button></div>
        </form>
    @endforeach
    @if ($corrigible === [])
        <p class="note">{{ __('floor.corrections.nothing_was_counted_or_spoiled_here') }}</p>
    @else
        <form method="post" action="{{ route('floor.correct', $machine) }}" class="grid max-w-[46em] gap-4">
            @csrf<input type="hidden" name="id" value="{{ old('id', Str::uuid()) }}">
            <fieldset>
                <legend class="text-sm text-soft">{{ __('floor.corrections.entry') }}</legend>
                @foreach ($corrigible as $wrong)
                    <label class="check m-0"><input type="radio" name="of"
                            value="{{ $wrong->seq }}:{{ $wrong->piece }}" data-sets="put-right"
                            data-to="{{ $wrong->by->value }}"
                                @checked(old('of') === "{$wrong->seq}:{$wrong->piece}")><span
                            class="flex-1">{{ $wrong->words }}</span></label>
                @endforeach
                <x-wrong field="of" />
            </fieldset>
            <div><label for="put-right">{{ __('floor.corrections.correct_to') }}</label><select id="put-right"
                name="kind">
                    <option value="{{ K::PieceReturned->value }}"
                        @selected(old('kind') === K::PieceReturned->value)>{{ __('floor.corrections.not_done_back_to_waiting') }}</option>
                    <option value="{{ K::SpoilWithdrawn->value }}"
                        @selected(old('kind') === K::SpoilWithdrawn->value)>{{ __('floor.corrections.not_spoiled') }}</option>
                </select><x-wrong field="kind" /></div>
            <x-field name="reason" :label="__('floor.corrections.reason')" maxlength="200" />
            <div class="flex gap-3"><button type="submit" class="btn btn-now"
                data-key="g">{{ __('floor.corrections.correct') }} <kbd>g</kbd></button><a
                class="btn"
                    href="{{ route('floor.show', $machine) }}"
                        data-key="q">{{ __('floor.corrections.back') }} <kbd>q</kbd></a></div>
        </form>
    @endif
</x-layout>
