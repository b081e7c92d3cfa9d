<x-layout station="needles" :title="__('needles.pins.threads_worth_pinning')">
    <x-slot:say>
        @if ($batches < 2)
            {{ __('needles.pins.has_run_too_little_lately_to', ['code' => $machine->code]) }}
        @elseif ($advice->pins === [])
            {{ __('needles.pins.no_pinned_thread_would_have_saved', ['code' => $machine->code]) }}
        @else
            {{ __('needles.pins.pinned_would_have_saved_of_changes', [
                'value' => count($advice->pins) === 1 ? __('needles.pins.one_thread') : __('needles.pins.threads', [
                    'pins' => count($advice->pins),
                ]),
                'saves' => $advice->saves(),
                'changes' => $advice->changes,
                'code' => $machine->code,
            ]) }}
        @endif
    </x-slot:say>
    <x-needle-tabs :machine="$machine" :machines="$machines" here="pins" />
    <h1 class="mb-2 text-xl">{{ __('needles.pins.threads_worth_pinning_on', ['code' => $machine->code]) }}</h1>
    @if ($batches < 2)
        <p class="note">{{ __('needles.pins.recurring_threads_show_up_after_a', ['code' => $machine->code]) }}</p>
    @elseif ($advice->pins === [])
        <p class="note">{{ __('needles.pins.checked_batches_of_the_last_weeks', [
            'batches' => $batches,
            'weeks' => $weeks,
        ]) }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>{{ __('needles.pins.thread') }}</th>
                    <th class="num">{{ __('needles.pins.used_in_batches') }}</th>
                    <th class="num">{{ __('needles.pins.changes_saved') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($advice->pins as $pin)
                    <tr>
                        <td><x-swatch :hex="$threads[$pin['thread']]?->hex"
                            />{{ $pin['thread'] }} {{ $threads[$pin['thread']]?->name }}
                        </td>
                        <td class="num">{{ $pin['uses'] }}</td>
                        <td class="num">{{ $pin['saves'] }} {{ $pin['saves'] === 1 ? __('needles.pins.change') : __('needles.pins.changes') }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="mt-2"><x-said key="needles.pins.load_it_then_tick_pinned_at">
            <x-slot:link><a href="{{ route('needles.show', $machine) }}">{{ __('needles.pins.on_the_rack') }}</a></x-slot:link></x-said></p>
    @endif
    <x-because :about="__('needles.pins.how_its_calculated')">{{ __('needles.pins.the_last_batches_of_weeks_are', [
        'batches' => $batches,
        'code' => $machine->code,
        'weeks' => $weeks,
    ]) }}</x-because>
</x-layout>
