<x-layout station="setup" title="Practice book">
    @php $cents = array_sum(array_column($risks, 'cents')); @endphp
    <x-slot:say>
        @if ($risks !== [])
            <span class="now">Cloth that nobody here has practised:</span>
            {{ implode(', ', array_unique(array_column($risks, 'fabric'))) }}; garments worth
            {{ App\Shop\Figure::words($cents / 100, 2) }} are waiting.
        @else
            Everything open is on cloth that has come out here before.
        @endif
    </x-slot:say>
    <x-setup-tabs here="practice" title="Practice book" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div>
            @if ($risks !== [])
                <h2 class="mb-1">At risk</h2>
                <table class="mb-6">
                    <thead>
                        <tr>
                            <th class="num">Order</th>
                            <th>For</th>
                            <th>Garments</th>
                            <th>Cloth</th>
                            <th class="num">How many</th>
                            <th class="num">Worth</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($risks as $risk)
                            <tr>
                                <td class="num"><a
                                        href="{{ route('orders.show', $risk['order']) }}">{{ $risk['order'] }}</a></td>
                                <td>{{ $risk['customer'] }}</td>
                                <td>{{ $risk['garment'] }}</td>
                                <td><strong>{{ $risk['fabric'] }}</strong></td>
                                <td class="num">{{ $risk['pieces'] }}</td>
                                <td class="num">
                                    {{ $risk['cents'] === null ? 'not known'
                                        : App\Shop\Figure::words($risk['cents'] / 100, 2) }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <h2 class="mb-1">Who has sewn what</h2>
            @if ($book->isEmpty())
                <p class="note">Nothing is written down yet. What is counted on the floor comes in by itself; write
                    down what was practised on scrap.</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>Cloth</th>
                            <th>Frame</th>
                            <th>Place</th>
                            <th>Who</th>
                            <th></th>
                            <th class="num">Came out</th>
                            <th class="num">Did not</th>
                            <th>Last</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($book as $fabric => $rows)
                            @foreach ($rows as $one)
                                <tr>
                                    <td>
                                        @if ($loop->first)
                                            <strong>{{ $one->fabricLabel() }}</strong>
                                        @endif
                                    </td>
                                    <td>{{ $one->frame_kind }}</td>
                                    <td>{{ $one->positionLabel() }}</td>
                                    <td>{{ $one->who }}</td>
                                    <td class="text-soft">{{ $one->on_scrap ? 'on scrap' : 'for real' }}</td>
                                    <td class="num">{{ $one->came_out }}</td>
                                    <td class="num">{{ $one->failed }}</td>
                                    <td>{{ $one->last_at->format('j M') }}@if ($one->remark !== '')
                                            <br><span class="text-sm text-soft">{{ $one->remark }}</span>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        @endforeach
                    </tbody>
                </table>
            @endif
        </div>
        <form method="post" action="{{ route('setup.practice') }}" class="sheet p-4 self-start">@csrf
            <h2 class="mb-2">Write down</h2>
            <div class="grid grid-cols-2 gap-3">
                <div><label for="fabric">Cloth</label><select id="fabric" name="fabric">
                        @foreach (Hakama\Garment\Fabric::cases() as $case)
                            <option value="{{ $case->value }}"
                                @selected(old('fabric') === $case->value)>{{ $case->label() }}
                            </option>
                        @endforeach
                    </select>
                    <x-wrong field="fabric" />
                </div>
                <div><label for="frame_kind">Kind of frame</label><select id="frame_kind" name="frame_kind">
                        @foreach (Hakama\Machine\FrameKind::cases() as $case)
                            <option @selected(old('frame_kind') === $case->value)>{{ $case->value }}</option>
                        @endforeach
                    </select>
                    <x-wrong field="frame_kind" />
                </div>
                <div><label for="position">Where on the garment</label><select id="position" name="position">
                        <option value="">any place</option>
                        @foreach (Hakama\Garment\Position::cases() as $case)
                            <option value="{{ $case->value }}" @selected(old('position') === $case->value)>{{
                                $case->label() }}</option>
                        @endforeach
                    </select>
                    <x-wrong field="position" />
                </div>
                <div><label for="who">Who</label><input id="who" name="who" list="people"
                        value="{{ old('who', session('who')) }}" maxlength="40"
                        @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror><datalist
                        id="people">
                        @foreach ($people as $name)
                            <option value="{{ $name }}">
                        @endforeach
                    </datalist><x-wrong field="who" /></div>
                <div><label for="on_scrap">Sewn</label><select id="on_scrap" name="on_scrap">
                        <option value="1" @selected(old('on_scrap', '1') === '1')>on scrap</option>
                        <option value="0" @selected(old('on_scrap') === '0')>for real</option>
                    </select></div>
                <x-field name="came_out" label="Came out" :value="1" inputmode="numeric" class="num" />
                <x-field name="failed" label="Did not" :value="0" inputmode="numeric" class="num" />
            </div>
            <x-field name="remark" label="What was learned" box="mt-3" maxlength="200" />
            <button class="btn btn-main mt-3" data-key="w">Write it down <kbd>w</kbd></button>
        </form>
    </div>
</x-layout>
