@use('Hakama\House\RuleSpec')
<x-layout station="plan" title="Lateness">
    <x-slot:say>What a missed promise counts, and for whom it counts more.</x-slot:say>
    <x-plan-tabs here="lateness" title="Lateness" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">For whom</h2>
            <form method="get" action="{{ route('plan.lateness') }}" class="mb-3 flex items-end gap-3">
                <div class="flex-1"><label for="q">Another customer</label><input id="q" name="q"
                        value="{{ $words }}" maxlength="80"></div>
                <button class="btn">Find</button>
            </form>
            @if ($customers->isEmpty())
                <p class="note">{{ $words === '' ? 'Nobody has an open order.' : 'Nobody is called that.' }}</p>
            @else
                <form method="post" action="{{ route('plan.lateness.keep', array_filter(['q' => $words])) }}"
                    novalidate>
                    @csrf @method('put')
                    <x-wrong field="late" />
                    <table>
                        <thead>
                            <tr>
                                <th>Customer</th>
                                <th class="num">A minute late counts … times</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($customers as $one)
                                <tr>
                                    <td><label class="m-0 text-base text-ink"
                                            for="w-{{ $one->id }}">{{ $one->name }}</label></td>
                                    <td class="num"><input type="hidden" name="was[{{ $one->id }}]"
                                            value="{{ $one->late_weight }}"><input id="w-{{ $one->id }}"
                                            class="num w-24" inputmode="decimal" name="late[{{ $one->id }}]"
                                            value="{{ old("late.{$one->id}", $one->late_weight) }}"
                                            @error("late.{$one->id}") aria-invalid="true"
                                                aria-describedby="wrong-late-{{ $one->id }}" @enderror>
                                        <x-wrong :field="'late.' . $one->id" />
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <button class="btn btn-main mt-3" data-key="s">Keep it <kbd>s</kbd></button>
                </form>
            @endif
        </section>
        <section>
            <h2 class="mb-2">How much</h2>
            <table>
                <tbody>
                    @foreach ($rules as [$rule, $value])
                        <tr>
                            <td>{{ RuleSpec::of($rule)->label }}</td>
                            <td class="num whitespace-nowrap">{{ App\Shop\Figure::words($value,
                                fmod($value, 1.0) === 0.0 ? 0 : 2) }}
                                {{ RuleSpec::of($rule)->unit }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-2 text-base text-soft">These are <a href="{{ route('shop.show') }}#Plan">rules of the
                house</a>.
                An order for an event says so where it is written down.</p>
        </section>
    </div>
</x-layout>
