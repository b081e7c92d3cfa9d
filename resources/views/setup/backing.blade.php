@use('App\Foundation\Words\Dates')
<x-layout station="setup" :title="__('setup.backing.backing_to_cut')">
    <x-slot:say>
        @if ($short !== [])
            <span class="now">{{ __('setup.backing.backing_is_short') }}</span> {{ __('setup.backing.for_order_in_time', [
                'value' => App\Foundation\Words\Words::some(array_map(static fn($code, $n) => __('setup.backing.short_for', ['code' => $code, 'count' => $n]), array_keys($short), $short)),
            ]) }}
        @elseif ($days === [])
            {{ __('setup.backing.nothing_planned_needs_backing') }}
        @else
            {{ __('setup.backing.there_is_enough_backing_for_everything') }}
        @endif
    </x-slot:say>
    <x-setup-tabs here="backing" :title="__('setup.backing.backing_to_cut')" />
    <p class="noprint mb-3"><button type="button" class="btn" data-print data-key="y">{{ __('setup.backing.print_a_page_a_day') }} <kbd>y</kbd></button></p>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
        <div>
            @if ($days === [])
                <p class="note">{{ __('setup.backing.set_up_and_plan_a_decoration') }}</p>
            @endif
            @foreach ($days as $day => $batches)
                <section class="print-page mb-6">
                    <h2 class="mb-1">{{ Dates::longDay(Carbon\CarbonImmutable::parse($day)) }}</h2>
                    <div class="relative overflow-x-auto">
                        <table>
                            <thead>
                                <tr>
                                    <th>{{ __('setup.backing.batch') }}</th>
                                    <th>{{ __('setup.backing.backing') }}</th>
                                    <th class="num">{{ __('setup.backing.each', ['units' => $units->label()]) }}</th>
                                    <th class="num">{{ __('setup.backing.quantity') }}</th>
                                    <th>{{ __('setup.backing.cut_it_from') }}</th>
                                    <th><span class="sr-only">{{ __('setup.backing.done') }}</span></th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($batches as $code => [$want, $at, $cuts, $missing])
                                    <tr>
                                        <td class="whitespace-nowrap"><strong>{{ $code }}</strong><br><span
                                                class="text-sm text-soft">{{ Dates::time($at) }}</span></td>
                                        <td class="whitespace-nowrap">{{ $want->kind->label() }}</td>
                                        <td class="num">{{ $units->figure($want->widthMm) }} ×
                                            {{ $units->figure($want->heightMm) }}
                                        </td>
                                        <td class="num">{{ $want->count }}</td>
                                        <td class="text-sm">
                                            @foreach ($cuts as $cut)
                                                <span class="block">{{ $cut->words($units) }}</span>
                                            @endforeach
                                            @if ($missing > 0)
                                                <span class="now">{{ __('setup.backing.pieces_missing', [
                                                    'missing' => $missing,
                                                ]) }}</span>
                                            @endif
                                        </td>
                                        <td class="num">
                                            <form method="post" action="{{ route('setup.cut', $code) }}" class="noprint">@csrf<button
                                                type="submit"
                                                    class="btn btn-small"
                                                    @if ($loop->parent->first && $loop->first) data-key="x"
                                                        @endif>{{ __('setup.backing.cut') }}<span
                                                        class="sr-only"> {{ __('setup.backing.for', [
                                                            'code' => $code,
                                                        ]) }}</span>
                                                    @if ($loop->parent->first && $loop->first)
                                                        <kbd>x</kbd>
                                                    @endif
                                                </button>
                                            </form>
                                        </td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                </section>
            @endforeach
            <div class="noprint mb-6"><x-turn-pages :page="$page" /></div>
            @if ($sheets !== [])
                <section class="noprint mb-6" id="sheets">
                    <h2 class="mb-1">{{ __('setup.backing.for_patches_one_piece_per_sheet') }}</h2>
                    <table>
                        <thead>
                            <tr>
                                <th>{{ __('setup.backing.batch') }}</th>
                                <th>{{ __('setup.backing.item') }}</th>
                                <th class="num">{{ __('setup.backing.each', ['units' => $units->label()]) }}</th>
                                <th class="num">{{ __('setup.backing.quantity') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($sheets as $sheet)
                                <tr>
                                    <td><strong>{{ $sheet['code'] }}</strong></td>
                                    <td>{{ App\Foundation\Words\Words::capital($sheet['what']) }}</td>
                                    <td class="num">{{ $units->figure($sheet['widthMm']) }} ×
                                        {{ $units->figure($sheet['heightMm']) }}</td>
                                    <td class="num">{{ $sheet['count'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <x-because :about="__('setup.backing.size')"><x-said key="setup.backing.the_sewn_area_plus_the_on">
                        <x-slot:link><a
                            href="/shop#trimmed_beyond_mm">{{ __('setup.backing.trimming_allowance') }}</a></x-slot:link></x-said></x-because>
                </section>
            @endif
            <x-because :about="__('setup.backing.how_its_calculated')"><x-said
                key="setup.backing.the_frames_outer_size_plus_the">
                <x-slot:link><a
                    href="/shop#backing_overlap_mm">{{ __('setup.backing.overlap') }}</a></x-slot:link><x-slot:link2><a
                    href="/shop#backing_spoilage_percent">{{ __('setup.backing.an_allowance') }}</a></x-slot:link2></x-said></x-because>
        </div>
        <div class="noprint">
            <h2 class="mb-1">{{ __('setup.backing.in_stock') }}</h2>
            <div class="relative overflow-x-auto">
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('setup.backing.backing') }}</th>
                            <th class="num">mm</th>
                            <th class="num">{{ __('setup.backing.left') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($shelf as $stock)
                            <tr>
                                <td>{{ $stock->toCore()->kind->label() }}, {{ $stock->toCore()->form->label() }}{{ $stock->gsm
                                    ? ", {$stock->gsm} g/m²" : '' }}</td>
                                <td class="num">
                                    {{ round($stock->width_mm) }}{{ $stock->form === Hakama\Setup\Backing\StockForm::Roll
                                            ? '' : ' × ' . round($stock->length_mm) }}
                                </td>
                                <td class="num">
                                    <form method="post" action="{{ route('setup.stock', $stock) }}"
                                        class="flex items-center justify-end gap-2">@csrf @method('put')
                                        @if ($stock->form === Hakama\Setup\Backing\StockForm::Roll)
                                            <input type="hidden" name="count" value="{{ $stock->count }}"><input
                                                type="text"
                                                name="metres" value="{{ str_replace('.', App\Foundation\Words\Words::mark(), (string) round($stock->length_mm / 1000, 1)) }}"
                                                inputmode="decimal" class="num !w-24"
                                                aria-label="{{ __('setup.backing.metres_left_on_the_roll') }}"><span class="text-sm">m</span>
                                        @else<input type="hidden" name="length"
                                                value="{{ $stock->length_mm }}"><input type="text" name="count"
                                                value="{{ $stock->count }}" inputmode="numeric" class="num !w-24"
                                                aria-label="{{ __('setup.backing.left') }}"><span
                                                    class="text-sm">{{ __('setup.backing.pieces_short') }}</span>
                                        @endif
                                        <button type="submit"
                                            class="btn btn-small">{{ __('setup.backing.update') }}</button>
                                    </form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <x-wrong field="count" /><x-wrong field="length" /><x-wrong field="metres" />
            @include('setup.backing-form')
        </div>
    </div>
</x-layout>
