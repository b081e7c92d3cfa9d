@use('App\Foundation\Words\Dates')
<x-layout station="setup" :title="__('setup.practice.practice_book')">
    @php $cents = array_sum(array_column($risks, 'cents')); @endphp
    <x-slot:say>
        @if ($risks !== [])
            <span class="now">{{ __('setup.practice.cloth_nobody_here_has_practised') }}</span>
            {{ __('setup.practice.garments_worth_are_waiting', [
                'value' => App\Foundation\Words\Words::some(array_unique(array_column($risks, 'fabric'))),
                'cents' => App\Shop\Figure::words($cents / 100, 2),
            ]) }}
        @else
            {{ __('setup.practice.all_open_orders_are_on_cloth') }}
        @endif
    </x-slot:say>
    <x-setup-tabs here="practice" :title="__('setup.practice.practice_book')" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
        <div>
            @if ($risks !== [])
                <h2 class="mb-1">{{ __('setup.practice.at_risk') }}</h2>
                <table class="mb-6">
                    <thead>
                        <tr>
                            <th class="num">{{ __('setup.practice.order') }}</th>
                            <th>{{ __('setup.practice.customer') }}</th>
                            <th>{{ __('setup.practice.garment') }}</th>
                            <th>{{ __('setup.practice.cloth') }}</th>
                            <th class="num">{{ __('setup.practice.pieces_at_risk') }}</th>
                            <th class="num">{{ __('setup.practice.value') }}</th>
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
                                    {{ $risk['cents'] === null ? __('setup.practice.unknown')
                                        : App\Shop\Figure::words($risk['cents'] / 100, 2) }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <h2 class="mb-1">{{ __('setup.practice.sewn_by_whom') }}</h2>
            @if ($book->isEmpty())
                <p class="note">{{ __('setup.practice.nothing_logged_yet_floor_counts_are') }}</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('setup.practice.cloth') }}</th>
                            <th>{{ __('setup.practice.frame') }}</th>
                            <th>{{ __('setup.practice.place') }}</th>
                            <th>{{ __('setup.practice.who') }}</th>
                            <th></th>
                            <th class="num">{{ __('setup.practice.good') }}</th>
                            <th class="num">{{ __('setup.practice.not_good') }}</th>
                            <th>{{ __('setup.practice.last') }}</th>
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
                                    <td>{{ Hakama\Machine\FrameKind::tryFrom($one->frame_kind)?->label() }}</td>
                                    <td>{{ $one->positionLabel() }}</td>
                                    <td>{{ $one->who }}</td>
                                    <td class="text-soft">{{ $one->on_scrap ? __('setup.practice.on_scrap') : __('setup.practice.for_real') }}</td>
                                    <td class="num">{{ $one->came_out }}</td>
                                    <td class="num">{{ $one->failed }}</td>
                                    <td>{{ Dates::date($one->last_at) }}@if ($one->remark !== '')
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
            <h2 class="mb-2">{{ __('setup.practice.log') }}</h2>
            <div class="grid grid-cols-2 gap-3">
                <div><label for="fabric">{{ __('setup.practice.cloth') }}</label><select id="fabric" name="fabric">
                        @foreach (Hakama\Garment\Fabric::cases() as $case)
                            <option value="{{ $case->value }}"
                                @selected(old('fabric') === $case->value)>{{ $case->label() }}
                            </option>
                        @endforeach
                    </select>
                    <x-wrong field="fabric" />
                </div>
                <div><label for="frame_kind">{{ __('setup.practice.kind_of_frame') }}</label><select id="frame_kind" name="frame_kind">
                        @foreach (Hakama\Machine\FrameKind::cases() as $case)
                            <option value="{{ $case->value }}" @selected(old('frame_kind') === $case->value)>{{ $case->label() }}</option>
                        @endforeach
                    </select>
                    <x-wrong field="frame_kind" />
                </div>
                <div><label for="position">{{ __('setup.practice.position_on_the_garment') }}</label><select id="position" name="position">
                        <option value="">{{ __('setup.practice.any_place') }}</option>
                        @foreach (Hakama\Garment\Position::cases() as $case)
                            <option value="{{ $case->value }}" @selected(old('position') === $case->value)>{{ $case->label() }}</option>
                        @endforeach
                    </select>
                    <x-wrong field="position" />
                </div>
                <div><label for="who">{{ __('setup.practice.who') }}</label><input type="text" id="who" name="who"
                    list="people"
                        value="{{ old('who', session('who')) }}" maxlength="40"
                        @error('who') aria-invalid="true" aria-describedby="wrong-who" @enderror><datalist
                        id="people">
                        @foreach ($people as $name)
                            <option value="{{ $name }}"></option>
                        @endforeach
                    </datalist><x-wrong field="who" /></div>
                <div><label for="on_scrap">{{ __('setup.practice.sewn') }}</label><select id="on_scrap" name="on_scrap">
                        <option value="1" @selected(old('on_scrap', '1') === '1')>{{ __('setup.practice.on_scrap') }}</option>
                        <option
                            value="0" @selected(old('on_scrap') === '0')>{{ __('setup.practice.for_real') }}</option>
                    </select></div>
                <x-field name="came_out" :label="__('setup.practice.good')" :value="1" inputmode="numeric" class="num" />
                <x-field name="failed" :label="__('setup.practice.not_good')" :value="0" inputmode="numeric"
                    class="num" />
            </div>
            <x-field name="remark" :label="__('setup.practice.what_the_log_shows')" box="mt-3" maxlength="200" />
            <button type="submit" class="btn btn-main mt-3"
                data-key="w">{{ __('setup.practice.log_it') }} <kbd>w</kbd></button>
        </form>
    </div>
</x-layout>
