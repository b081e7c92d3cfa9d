<x-layout station="floor" :title="__('floor.finder.troubleshoot')" :floor="true">
    <x-slot:say>{{ __('floor.finder.choose_what_you_see_causes_are') }}</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.finder.troubleshoot') }}</h1>
        <a class="ms-auto" href="{{ route('floor.show') }}" data-key="b">{{ __('floor.finder.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 md:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)]">
        <nav aria-label="{{ __('floor.finder.what_you_see') }}" class="grid gap-1">
            @foreach (Hakama\Floor\Symptom::cases() as $one)
                <a href="{{ route('floor.finder', ['see' => $one->value]) }}"
                    @if ($one === $seen) aria-current="page" @endif
                    @class(['border-s-4 px-3 py-2 no-underline', 'border-now font-semibold' => $one === $seen,
                        'border-hair' => $one !== $seen])>{{ $one->label() }}</a>
            @endforeach
        </nav>
        <div aria-live="polite">
            @if ($seen)
                <h2 class="mb-2">{{ $seen->label() }}</h2>
                <ol class="list-decimal ps-6">
                    @foreach ($seen->remedies() as $remedy)
                        <li class="border-b border-hair py-2"><strong>{{ App\Foundation\Words\Words::capital($remedy->cause) }}.</strong>
                            {{ $remedy->do }}</li>
                    @endforeach
                </ol>
                <p class="mt-3 text-base text-soft">{{ __('floor.finder.stop_the_machine_before_you_reach') }}</p>
                @if ($recorded !== [])
                    <h2 class="mb-1 mt-5">{{ __('floor.finder.spoiled_by_this_here_last_days', [
                        'days' => $days,
                    ]) }}</h2>
                    <table>
                        <tbody>
                            @foreach ($recorded as $row)
                                <tr>
                                    <td>{{ $row->machine }}</td>
                                    <td>{{ Hakama\Garment\Fabric::from($row->fabric)->label() }}</td>
                                    <td class="num">{{ (int) $row->pieces === 1
                                        ? __('floor.finder.one_piece') : __('floor.finder.pieces', [
                                            'pieces' => (int) $row->pieces,
                                        ]) }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            @else
                <p class="note">{{ __('floor.finder.choose_what_you_see') }}</p>
            @endif
        </div>
    </div>
</x-layout>
