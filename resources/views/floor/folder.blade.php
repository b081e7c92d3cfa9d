@use('App\Floor\Folder\FolderList')
@use('App\Foundation\Clock\ShopClock')
<x-layout station="floor" :title="__('floor.folder.title', ['code' => $machine->code])" :floor="true">
    <x-slot:say>
        @if ($outdated !== [])
            <span class="now">{{ __('floor.folder.say_outdated', [
                'code' => $machine->code,
                'names' => implode(', ', array_unique(array_column($outdated, 'name'))),
            ]) }}</span>
        @elseif ($tapes === [])
            {{ __('floor.folder.say_nothing', ['code' => $machine->code]) }}
        @else
            {{ __('floor.folder.say', ['code' => $machine->code, 'count' => count($tapes)]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.folder.title', ['code' => $machine->code]) }}</h1>
        <a class="ms-auto" href="{{ route('floor.show', $machine) }}" data-key="b">{{ __('floor.folder.back', ['code' => $machine->code]) }}
            <kbd>b</kbd></a>
    </div>
    @foreach ($outdated as $one)
        <p class="note note-now mb-3 text-base">{{ __('floor.folder.outdated', [
            'name' => $one->name,
            'when' => ShopClock::words($one->last_at),
            'way' => $one->way->label(),
        ]) }}</p>
    @endforeach
    @if ($tapes === [])
        <p class="note">{{ __('floor.folder.nothing', ['code' => $machine->code]) }}</p>
    @else
        <form method="post" action="{{ route('floor.stick', $machine) }}" class="mb-4">@csrf<button type="submit"
            class="btn btn-main" data-key="p">{{ __('floor.folder.stick') }} <kbd>p</kbd></button></form>
        <ol>
            @foreach ($tapes as $tape)
                @php
                    $file = $tape->file;
                    $last = $fetches->last($tape);
                @endphp
                <li class="border-t border-hair py-3 text-base md:grid md:grid-cols-[11rem_minmax(0,1fr)_minmax(0,1.6fr)_auto] md:gap-4">
                    <p class="break-all font-semibold tabular-nums">{{ $file->name }}</p>
                    <p><strong>{{ $file->batch }}</strong> {{ $file->design }}@if ($file->part !== ''), <strong>{{ $file->part }}</strong>@endif
                        <span class="block text-soft">{{ $last === null ? __('floor.folder.not_fetched') : __('floor.folder.fetched', [
                            'when' => ShopClock::words($last->last_at),
                            'way' => $last->way->label(),
                        ]) }}@if ($last !== null && $last->name !== $file->name)
                            {{ __('floor.folder.under', ['name' => $last->name]) }}
                        @endif</span></p>
                    <ul>
                        @foreach (FolderList::settings($file) as $line)
                            <li>{{ $line }}</li>
                        @endforeach
                    </ul>
                    <form method="post" action="{{ route('floor.folder.one', [$machine, $file->name]) }}" class="mt-2 md:mt-0">@csrf<button
                        type="submit" class="btn btn-small">{{ __('floor.folder.save') }}<span class="sr-only">: {{ $file->name }}</span></button></form>
                </li>
            @endforeach
        </ol>
    @endif
    <details class="mt-6 text-base">
        <summary class="font-semibold">{{ __('floor.folder.how_title', ['code' => $machine->code]) }}</summary>
        <p class="mt-2 max-w-2xl">{{ __('floor.folder.how_network') }}</p>
        <p class="mt-1 break-all"><code>{{ App\Foundation\Http\ShopAddress::at('/machines/folder/') }}</code></p>
        <p class="mt-2 max-w-2xl">{{ __('floor.folder.how_names') }}</p>
    </details>
</x-layout>
