@php
    $every = $all->flatten(1);
    $late = $every->filter(fn($one) => $one->isTooLate($now));
    $figure = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
@endphp
<x-layout station="shop" title="To order">
    <x-slot:say>
        @if ($every->isEmpty())
            Everything that is planned is there.
        @elseif ($late->isNotEmpty())
            <span class="now">{{ $late->count() === 1 ? 'One thing' : $late->count() . ' things' }} should have been ordered
                already.</span>
        @else
            {{ $every->count() === 1 ? 'One thing is' : $every->count() . ' things are' }} to be ordered.
        @endif
    </x-slot:say>
    <x-shelf-tabs here="ordering" title="To order" />
    @if ($every->isEmpty())
        <p class="note">Thread, backing, counted blanks, bobbins, film and cloth are held against all that is
            planned; what will be missing
            stands here, with the day by which it has to be ordered.</p>
    @else
        @foreach ($all as $from => $some)
            @if ($all->count() > 1 || $from !== '')
                <h2 class="mb-1 mt-4">{{ $from === '' ? 'From whom is not said' : "From {$from}" }}</h2>
            @endif
        <div class="overflow-x-auto"><table>
            <thead>
                <tr>
                    <th>Of</th>
                    <th>What</th>
                    <th class="num">Missing</th>
                    <th>For</th>
                    <th>Wanted</th>
                    <th>Order by</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($some as $one)
                    <tr>
                        <td>{{ $one->of }}</td>
                        <td>{{ $one->what }}</td>
                        <td class="num">{{ App\Shop\Figure::words(ceil($one->missing)) }} {{ $one->unit }}</td>
                        <td>{{ $one->for }}</td>
                        <td>{{ $one->wanted === null ? 'not planned yet'
                            : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($one->wanted)) }}
                        </td>
                        <td @class(['now' => $one->isTooLate($now)])>
                            {{ $one->orderBy === null ? ''
                                : App\Foundation\Clock\ShopClock::time($one->orderBy)->format('D j M') }}{{
                                $one->isTooLate($now) ? ', too late for that' : '' }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        @endforeach
        <p class="mt-3 flex items-baseline gap-4"><a class="btn"
            href="{{ route('ordering.csv') }}">As a list (CSV)</a><span
                class="text-sm text-soft">What is ordered comes within
                <a href="{{ route('shop.show') }}#lead_days">{{ App\Shop\Figure::words($days) }} days</a>. Blanks are
                missing where they were counted and fewer came.</span></p>
    @endif
    <div class="mt-8 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-1">Counted on the shelf</h2>
            <p class="mb-2 text-sm text-soft">Each bobbin that is changed and each piece of film is taken off what was
                counted.</p>
            <x-wrong field="kind" /><x-wrong field="amount" />
            @foreach (App\Stock\StockKind::cases() as $kind)
                @php
                    [$left, $count] = [$stock->left($kind), $stock->counted($kind)];
                    $digits = $kind === App\Stock\StockKind::Film ? 2 : 0;
                @endphp
                <form method="post" action="{{ route('ordering.count') }}"
                    class="mb-3 flex flex-wrap items-end gap-3">@csrf
                    <input type="hidden" name="kind" value="{{ $kind->value }}">
                    <p class="w-72"><strong>{{ $kind->label() }}</strong>:
                        {{ $left === null ? 'never counted' : $figure(max(0, $left), $digits) }}
                        {{ $left === null ? '' : $kind->unit() }}
                        @if ($count)
                            <span class="block text-sm text-soft">{{ $figure($count['amount'], $digits) }} counted on
                                {{ $count['at']->format('j M, H:i') }}{{ $count['who'] === '' ? '' : ", {$count['who']}" }}</span>
                        @endif
                    </p>
                    <div class="w-28"><label for="amount-{{ $kind->value }}">{{ $kind->label() }}
                            there{{ $digits > 0 ? ', m²' : '' }}</label><input
                            id="amount-{{ $kind->value }}" name="amount" inputmode="decimal" class="num"></div>
                    <button class="btn">Counted</button>
                </form>
            @endforeach
            @if ($bolts !== [])
                <h2 class="mb-1 mt-5">Cloth on the bolt</h2>
                <p class="mb-2 text-sm text-soft">Each frame that is sewn takes the boxes of its pieces off the bolt.</p>
                <x-wrong field="cloth" /><x-wrong field="length_mm" />
                @foreach ($bolts as $bolt)
                    <form method="post" action="{{ route('ordering.measure') }}"
                        class="mb-3 flex flex-wrap items-end gap-3">@csrf
                        <input type="hidden" name="cloth" value="{{ $bolt->code }}">
                        <p class="w-72"><x-swatch :hex="$bolt->hex" /><strong>{{ $bolt->code }}</strong>
                            {{ $bolt->name }}: {{ $figure(max(0, $bolt->leftMm)) }} mm
                            <span class="block text-sm text-soft">{{ $bolt->reservedMm() > 0
                                ? $figure($bolt->reservedMm()) . ' mm reserved' : 'none reserved' }}</span>
                        </p>
                        <div class="w-28"><label for="length-{{ $loop->index }}">{{ $bolt->code }} left,
                                mm</label><input id="length-{{ $loop->index }}" name="length_mm" inputmode="decimal"
                                class="num"></div>
                        <button class="btn">Measured</button>
                    </form>
                @endforeach
            @endif
        </section>
        <section>
            <h2 class="mb-1">Who supplies what</h2>
            <form method="post" action="{{ route('ordering.supply') }}">@csrf @method('put')
                <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
                <x-wrong field="seen" />
                @foreach ($kinds as $of)
                    <div class="mb-2 flex items-end gap-3">
                        <p class="w-20">{{ $of }}</p>
                        <div class="flex-1"><label for="from-{{ $of }}">From</label><input id="from-{{ $of }}"
                                name="suppliers[{{ $of }}][name]" maxlength="80"
                                value="{{ old("suppliers.{$of}.name", $stock->supplier($of)['name']) }}"></div>
                        <div class="w-28"><label for="days-{{ $of }}">comes in, days</label><input id="days-{{ $of }}"
                                name="suppliers[{{ $of }}][lead_days]" inputmode="decimal" class="num"
                                placeholder="{{ $figure($days) }}"
                                value="{{ old("suppliers.{$of}.lead_days", $stock->supplier($of)['lead_days']) }}"></div>
                    </div>
                    <x-wrong field="suppliers.{{ $of }}.name" /><x-wrong field="suppliers.{{ $of }}.lead_days" />
                @endforeach
                <button class="btn" data-key="k">Keep it <kbd>k</kbd></button>
            </form>
        </section>
    </div>
    @if ($reserved !== [])
        <h2 class="mb-1 mt-8">Reserved by what is planned</h2>
        <table class="!w-auto">
            <thead>
                <tr>
                    <th>Batch</th>
                    <th>Begins</th>
                    <th class="num">Garments</th>
                    <th class="num">Backing, pieces</th>
                    <th class="num">Thread, m</th>
                    <th class="num">Bobbins</th>
                    <th class="num">Film, m²</th>
                    <th class="num">Cloth, mm</th>
                </tr>
            </thead>
            <tbody>
                @foreach (array_slice($reserved, 0, 60) as $one)
                    <tr>
                        <td><a href="{{ route('plan.why', $one->batch) }}">{{ $one->batch }}</a></td>
                        <td>{{ $one->at === null ? 'not planned yet'
                            : App\Foundation\Clock\ShopClock::words(App\Foundation\Clock\ShopClock::time($one->at)) }}</td>
                        <td class="num">{{ $figure($one->garments) }}</td>
                        <td class="num">{{ $figure($one->backing) }}</td>
                        <td class="num">{{ $figure($one->threadM) }}</td>
                        <td class="num">{{ $figure($one->bobbins, 1) }}</td>
                        <td class="num">{{ $one->filmM2 > 0 ? $figure($one->filmM2, 2) : '' }}</td>
                        <td class="num">{{ $one->clothMm > 0 ? $figure($one->clothMm) : '' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout>
