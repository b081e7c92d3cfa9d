@use('App\Foundation\Words\Dates')
<x-layout station="setup" :title="__('setup.clamps.clamps')">
    @php $due = array_filter($rows, static fn ($row) => $row->due !== null); @endphp
    <x-slot:say>
        @if ($rows === [])
            {{ __('setup.clamps.no_machine_here_takes_a_clamp') }}
        @elseif ($due === [])
            {{ __('setup.clamps.every_clamp_is_centred') }}
        @else
            <span class="now">{{ __('setup.clamps.centring', [
                'value' => count($due) === 1 ? __('setup.clamps.one_clamp_needs') : __('setup.clamps.clamps_need', [
                    'due' => count($due),
                ]),
            ]) }}</span> {{ __('setup.clamps.before_sewing') }}
        @endif
    </x-slot:say>
    <x-setup-tabs here="clamps" :title="__('setup.clamps.clamps')" />
    @if ($rows === [])
        <p class="note"><x-said key="setup.clamps.add_a_clamp_and_its_windows">
            <x-slot:link><a href="{{ route('catalogue.show') }}">{{ __('setup.clamps.catalogue') }}</a></x-slot:link></x-said></p>
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
            <div>
                <table>
                    <caption class="sr-only">{{ __('setup.clamps.each_clamp_on_each_machine_that') }}</caption>
                    <thead>
                        <tr>
                            <th>{{ __('setup.clamps.clamp') }}</th>
                            <th>{{ __('setup.clamps.machine') }}</th>
                            <th class="num">{{ __('setup.clamps.right_mm') }}</th>
                            <th class="num">{{ __('setup.clamps.back_mm') }}</th>
                            <th>{{ __('setup.clamps.found') }}</th>
                            <th>{{ __('setup.clamps.valid') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr>
                                <td><strong>{{ $row->frame->code }}</strong> <span
                                        class="text-sm text-soft">{{ __('setup.clamps.x_mm', [
                                            'window_width_mm' => App\Shop\Figure::words($row->frame->window_width_mm),
                                            'window_height_mm' => App\Shop\Figure::words($row->frame->window_height_mm),
                                        ]) }}</span></td>
                                <td>{{ $row->machine->code }}</td>
                                <td class="num">{{ $row->found === null
                                    ? '' : App\Shop\Figure::words($row->found->x_mm, 1) }}</td>
                                <td class="num">{{ $row->found === null
                                    ? '' : App\Shop\Figure::words($row->found->y_mm, 1) }}</td>
                                <td>{{ $row->found === null ? __('setup.clamps.never') : Dates::date($row->found->checked_at) . ', '
                                    . $row->found->who }}</td>
                                <td>
                                    @if ($row->due === null)
                                        {{ __('setup.clamps.yes', [
                                            'value' => $row->differs() ? __('setup.clamps.the_catalogue_has_another_centre') : '',
                                        ]) }}
                                    @else
                                        <span class="now">{{ __('setup.clamps.no') }}</span> {{ $row->due }}
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because :about="__('setup.clamps.why_clamps_are_centred_by_hand')">{{ __('setup.clamps.the_machine_treats_every_clamp_window') }}</x-because>
                <p class="mt-3">
                    @if ($proving)
                        <x-said key="setup.clamps.the_test_design_is_mm_wide" :with="[
                            'width_mm' => App\Shop\Figure::words($proving->widthMm),
                            'id' => $proving->second->id,
                            'id_2' => $proving->largest->id,
                        ]"><x-slot:link><a
                            href="{{ route('setup.clamps.proving') }}">{{ __('setup.clamps.its_file') }}</a></x-slot:link></x-said>
                    @else
                        {{ __('setup.clamps.no_design_tells_the_two_largest') }}
                    @endif
                </p>
                <form method="post" action="{{ route('setup.clamps.keep') }}"
                    class="mt-5 flex flex-wrap items-end gap-3">
                    @csrf <input type="hidden" name="dropped" value="1">
                    <div><label for="dropped-frame">{{ __('setup.clamps.dropped_or_struck') }}</label><select id="dropped-frame"
                            name="frame">
                            @foreach (array_unique(array_map(static fn($row) => $row->frame->code, $rows)) as $code)
                                <option>{{ $code }}</option>
                            @endforeach
                        </select></div>
                    <div><label for="dropped-machine">{{ __('setup.clamps.on') }}</label><select id="dropped-machine" name="machine">
                            @foreach (array_unique(array_map(static fn($row) => $row->machine->code, $rows)) as $code)
                                <option>{{ $code }}</option>
                            @endforeach
                        </select></div>
                    <div><label for="dropped-who">{{ __('setup.clamps.by') }}</label><select id="dropped-who" name="who">
                            @foreach ($people as $name)
                                <option value="{{ $name }}" @selected(session('who') === $name)>{{ $name }}</option>
                            @endforeach
                        </select></div>
                    <button type="submit" class="btn">{{ __('setup.clamps.save') }}</button>
                </form>
            </div>
            <form method="post" action="{{ route('setup.clamps.keep') }}" class="sheet self-start p-4">@csrf
                <h2 class="mb-2">{{ __('setup.clamps.find_the_true_centre') }}</h2>
                <div class="grid grid-cols-2 gap-3">
                    <div><label for="frame">{{ __('setup.clamps.clamp_and_window') }}</label><select id="frame" name="frame">
                            @foreach (array_unique(array_map(static fn($row) => $row->frame->code, $rows)) as $code)
                                <option @selected(old('frame') === $code)>{{ $code }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="frame" />
                    </div>
                    <div><label for="machine">{{ __('setup.clamps.machine') }}</label><select id="machine" name="machine">
                            @foreach (array_unique(array_map(static fn($row) => $row->machine->code, $rows)) as $code)
                                <option @selected(old('machine') === $code)>{{ $code }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                </div>
                <fieldset class="mt-3">
                    <legend class="sr-only">{{ __('setup.clamps.steps') }}</legend>
                    @foreach ($steps as $step)
                        <label class="flex items-start gap-2 py-1"><input type="checkbox" name="checked[]"
                                value="{{ $step->code }}" @checked(in_array($step->code, old("checked", []),
                                    true))><span
                                class="flex-1 text-sm leading-snug">{{ $step->text }}</span></label>
                    @endforeach
                    <x-wrong field="checked" />
                </fieldset>
                <div class="mt-3 grid grid-cols-3 gap-3">
                    <x-field name="x" :label="__('setup.clamps.right_mm')" inputmode="text" class="num" />
                    <x-field name="y" :label="__('setup.clamps.back_away_from_you_mm')" inputmode="text" class="num" />
                    <x-field name="nudges" :label="__('setup.clamps.arm_steps')" :value="0" inputmode="numeric" class="num" />
                </div>
                <label class="mt-3 flex items-center gap-2"><input type="checkbox" name="take_over" value="1"
                        @checked(old('take_over'))> {{ __('setup.clamps.save_it_in_the_catalogue_too') }}</label>
                <div class="mt-3"><label for="who">{{ __('setup.clamps.found_by') }}</label><select id="who" name="who"
                        @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror>
                        <option value="">{{ __('setup.clamps.choose') }}</option>
                        @foreach ($people as $name)
                            <option value="{{ $name }}" @selected(old('who', session('who')) === $name)>{{ $name }}</option>
                        @endforeach
                    </select><x-wrong field="who" /></div>
                <button type="submit" class="btn btn-main mt-3" data-key="w">{{ __('setup.clamps.save_centre') }} <kbd>w</kbd></button>
            </form>
        </div>
    @endif
</x-layout>
