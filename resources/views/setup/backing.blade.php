<x-layout station="setup" title="Backing to cut">
    <x-slot:say>
        @if ($short !== [])
            <span class="now">Backing runs short</span> for
            {{ implode(', ', array_map(static fn($code, $n) => "{$code} ({$n} pieces)", array_keys($short), $short)) }}.
            Order it in time.
        @elseif ($days === [])
            Nothing is planned that wants backing.
        @else
            There is backing for everything that is planned.
        @endif
    </x-slot:say>
    <x-setup-tabs here="backing" title="Backing to cut" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
        <div>
            @if ($days === [])
                <p class="note">Set up a decoration and it is planned: then what it wants cut stands here, with what to
                    cut it from.</p>
            @endif
            @foreach ($days as $day => $batches)
                <section class="mb-6">
                    <h2 class="mb-1">{{ Carbon\CarbonImmutable::parse($day)->format('l j F') }}</h2>
                    <div class="relative overflow-x-auto">
                        <table>
                            <thead>
                                <tr>
                                    <th>Batch</th>
                                    <th>Backing</th>
                                    <th class="num">Each, {{ $units->label() }}</th>
                                    <th class="num">How many</th>
                                    <th>Cut it from</th>
                                    <th><span class="sr-only">Done</span></th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($batches as $code => [$want, $at, $cuts, $missing])
                                    <tr>
                                        <td class="whitespace-nowrap"><strong>{{ $code }}</strong><br><span
                                                class="text-sm text-soft">{{ $at->format('H:i') }}</span></td>
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
                                                <span class="now">{{ $missing }}
                                                    {{ $missing === 1 ? 'piece is' : 'pieces are' }} missing</span>
                                            @endif
                                        </td>
                                        <td class="num">
                                            <form method="post" action="{{ route('setup.cut', $code) }}">@csrf<button
                                                    class="btn btn-small"
                                                    @if ($loop->parent->first && $loop->first) data-key="x"
                                                        @endif>Cut<span
                                                        class="sr-only"> for {{ $code }}</span>
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
            @if ($sheets !== [])
                <section class="mb-6" id="sheets">
                    <h2 class="mb-1">For patches, a piece a sheet</h2>
                    <table>
                        <thead>
                            <tr>
                                <th>Batch</th>
                                <th>What</th>
                                <th class="num">Each, {{ $units->label() }}</th>
                                <th class="num">How many</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($sheets as $sheet)
                                <tr>
                                    <td><strong>{{ $sheet['code'] }}</strong></td>
                                    <td>{{ ucfirst($sheet['what']) }}</td>
                                    <td class="num">{{ $units->figure($sheet['widthMm']) }} ×
                                        {{ $units->figure($sheet['heightMm']) }}</td>
                                    <td class="num">{{ $sheet['count'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <x-because about="How large">What is sewn, and the <a href="/shop#trimmed_beyond_mm">room to trim
                            cloth</a> on each side: it is stuck on hooped backing, not hooped itself.</x-because>
                </section>
            @endif
            <x-because about="How this was worked out">Each piece is the frame’s outer side and the house’s <a
                    href="/shop#backing_overlap_mm">overlap</a> on both sides; pieces times layers, and <a
                    href="/shop#backing_spoilage_percent">a share</a> for what is spoiled, rounded up. Off-cuts come
                first where they cover it, then the smallest piece, then the roll in the direction that takes
                less.</x-because>
        </div>
        <div>
            <h2 class="mb-1">On the shelf</h2>
            <div class="relative overflow-x-auto">
                <table>
                    <thead>
                        <tr>
                            <th>Backing</th>
                            <th class="num">mm</th>
                            <th class="num">Left</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($shelf as $stock)
                            <tr>
                                <td>{{ $stock->toCore()->kind->label() }}, {{ $stock->toCore()->form->label() }}{{ $stock->gsm
                                    ? ", {$stock->gsm} g/m²" : '' }}</td>
                                <td class="num">
                                    {{ round($stock->width_mm) }}{{
                                        $stock->form === Hakama\Setup\Backing\StockForm::Roll
                                            ? '' : ' × ' . round($stock->length_mm) }}
                                </td>
                                <td class="num">
                                    <form method="post" action="{{ route('setup.stock', $stock) }}"
                                        class="flex items-center justify-end gap-2">@csrf @method('put')
                                        @if ($stock->form === Hakama\Setup\Backing\StockForm::Roll)
                                            <input type="hidden" name="count" value="{{ $stock->count }}"><input
                                                name="length" value="{{ round($stock->length_mm) }}"
                                                inputmode="numeric" class="num !w-24"
                                                aria-label="Length left on the roll, mm"><span class="text-sm">mm</span>
                                        @else<input type="hidden" name="length"
                                                value="{{ $stock->length_mm }}"><input name="count"
                                                value="{{ $stock->count }}" inputmode="numeric" class="num !w-24"
                                                aria-label="How many are left"><span class="text-sm">pcs</span>
                                        @endif
                                        <button class="btn btn-small" aria-label="Set what is left">
                                            Set</button>
                                    </form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <x-wrong field="count" /><x-wrong field="length" />
            @include('setup.backing-form')
        </div>
    </div>
</x-layout>
