<x-layout station="shop" title="Changes">
    <x-slot:say>Who changed what, and what it was before. What machines and hands did is in the books.</x-slot:say>
    <x-shop-tabs here="changes" title="Changes" />
    <form method="get" class="mb-4 flex flex-wrap items-end gap-3">
        <div class="w-72"><label for="q">Name, thing or words</label><input id="q" type="search" name="q"
                value="{{ $words }}" maxlength="80" data-key="f" data-does="Find a change"></div>
        <div class="w-48"><label for="kind">Of</label><select id="kind" name="kind">
                <option value="">everything</option>
                @foreach ($kinds as $one)
                    <option value="{{ $one }}" @selected($kind === $one)>{{ $one }}</option>
                @endforeach
            </select></div>
        <button class="btn">Find</button>
    </form>
    @if ($changes->isEmpty())
        <p class="note">{{ $words === '' && $kind === ''
            ? 'Nothing was changed yet.' : 'Nothing of that kind was changed.' }}</p>
    @else
        <x-change-table :changes="$changes" :thing="true" />
        @if ($changes->count() === $shown)
            <p class="mt-2 text-sm text-soft">The newest {{ $shown }}; write something into the field to find older
                ones.</p>
        @endif
    @endif
</x-layout>
