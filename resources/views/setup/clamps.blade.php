<x-layout station="setup" title="Clamps">
    @php $due = array_filter($rows, static fn ($row) => $row->due !== null); @endphp
    <x-slot:say>
        @if ($rows === [])
            There is no clamp on a machine that takes one.
        @elseif ($due === [])
            Every clamp is where its machine was shown that it is.
        @else
            <span class="now">{{ count($due) === 1 ? 'One clamp has' : count($due) . ' clamps have' }} to be found
                again</span> before a needle comes near.
        @endif
    </x-slot:say>
    <x-setup-tabs here="clamps" title="Clamps" />
    @if ($rows === [])
        <p class="note">Enter a clamp and its windows in the <a href="{{ route('catalogue.show') }}">catalogue</a>, and
            the clamp driver with a machine.</p>
    @else
        <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
            <div>
                <table>
                    <caption class="sr-only">Each clamp on each machine that takes it</caption>
                    <thead>
                        <tr>
                            <th>Clamp</th>
                            <th>Machine</th>
                            <th class="num">Right, mm</th>
                            <th class="num">Away, mm</th>
                            <th>Found</th>
                            <th>Holds</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr>
                                <td><strong>{{ $row->frame->code }}</strong> <span
                                        class="text-sm text-soft">{{ App\Shop\Figure::words($row->frame->window_width_mm) }}
                                        × {{ App\Shop\Figure::words($row->frame->window_height_mm) }} mm</span></td>
                                <td>{{ $row->machine->code }}</td>
                                <td class="num">{{ $row->found === null
                                    ? '' : App\Shop\Figure::words($row->found->x_mm, 1) }}</td>
                                <td class="num">{{ $row->found === null
                                    ? '' : App\Shop\Figure::words($row->found->y_mm, 1) }}</td>
                                <td>{{ $row->found === null ? 'never' : $row->found->checked_at->format('j M') . ', '
                                    . $row->found->who }}</td>
                                <td>
                                    @if ($row->due === null)
                                        yes{{ $row->differs() ? '; the catalogue has another centre' : '' }}
                                    @else
                                        <span class="now">no:</span> {{ $row->due }}
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-because about="Why a clamp is found by hand">The machine takes every window of a clamp for its
                    largest frame: what it believes of centre and limits is wrong. It holds until the clamp is dropped
                    or something else stood on that machine. The machine’s manual and those who are trained on it
                    decide.</x-because>
                <p class="mt-3">
                    @if ($proving)
                        The design that proves it is {{ App\Shop\Figure::words($proving->widthMm) }} mm wide: wider than
                        {{ $proving->second->id }} takes, not too wide for {{ $proving->largest->id }}. <a
                            href="{{ route('setup.clamps.proving') }}">Its tape</a> is traced and never sewn.
                    @else
                        No design tells the two largest frames apart: look at the frame that the machine shows.
                    @endif
                </p>
                <form method="post" action="{{ route('setup.clamps.keep') }}"
                    class="mt-5 flex flex-wrap items-end gap-3">
                    @csrf <input type="hidden" name="dropped" value="1">
                    <div><label for="dropped-frame">It was dropped or struck</label><select id="dropped-frame"
                            name="frame">
                            @foreach (array_unique(array_map(static fn($row) => $row->frame->code, $rows)) as $code)
                                <option>{{ $code }}</option>
                            @endforeach
                        </select></div>
                    <div><label for="dropped-machine">On</label><select id="dropped-machine" name="machine">
                            @foreach (array_unique(array_map(static fn($row) => $row->machine->code, $rows)) as $code)
                                <option>{{ $code }}</option>
                            @endforeach
                        </select></div>
                    <div><label for="dropped-who">Says</label><select id="dropped-who" name="who">
                            @foreach ($people as $name)
                                <option value="{{ $name }}" @selected(session('who') === $name)>{{ $name }}</option>
                            @endforeach
                        </select></div>
                    <button class="btn">Note it</button>
                </form>
            </div>
            <form method="post" action="{{ route('setup.clamps.keep') }}" class="sheet self-start p-4">@csrf
                <h2 class="mb-2">Find the true centre</h2>
                <div class="grid grid-cols-2 gap-3">
                    <div><label for="frame">Clamp and window</label><select id="frame" name="frame">
                            @foreach (array_unique(array_map(static fn($row) => $row->frame->code, $rows)) as $code)
                                <option @selected(old('frame') === $code)>{{ $code }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="frame" />
                    </div>
                    <div><label for="machine">Machine</label><select id="machine" name="machine">
                            @foreach (array_unique(array_map(static fn($row) => $row->machine->code, $rows)) as $code)
                                <option @selected(old('machine') === $code)>{{ $code }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                </div>
                <fieldset class="mt-3">
                    <legend class="sr-only">Steps</legend>
                    @foreach ($steps as $step)
                        <label class="flex items-start gap-2 py-1"><input type="checkbox" name="checked[]"
                                value="{{ $step->code }}" @checked(in_array($step->code, old("checked", []),
                                    true))><span
                                class="flex-1 text-sm leading-snug">{{ $step->text }}</span></label>
                    @endforeach
                    <x-wrong field="checked" />
                </fieldset>
                <div class="mt-3 grid grid-cols-3 gap-3">
                    <x-field name="x" label="To the right, mm" inputmode="text" class="num" />
                    <x-field name="y" label="Away from you, mm" inputmode="text" class="num" />
                    <x-field name="nudges" label="Steps of the arm" :value="0" inputmode="numeric" class="num" />
                </div>
                <label class="mt-3 flex items-center gap-2"><input type="checkbox" name="take_over" value="1"
                        @checked(old('take_over'))> write it into the catalogue: drawings and checks go by it</label>
                <div class="mt-3"><label for="who">Found by</label><select id="who" name="who"
                        @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror>
                        <option value="">choose</option>
                        @foreach ($people as $name)
                            <option value="{{ $name }}" @selected(old('who', session('who')) === $name)>{{ $name
                                }}</option>
                        @endforeach
                    </select><x-wrong field="who" /></div>
                <button class="btn btn-main mt-3" data-key="w">Keep what was found <kbd>w</kbd></button>
            </form>
        </div>
    @endif
</x-layout>
