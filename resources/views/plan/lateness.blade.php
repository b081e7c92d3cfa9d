@use('App\Shop\RuleWords')
<x-layout station="plan" :title="__('plan.lateness.lateness')">
    <x-slot:say>{{ __('plan.lateness.how_much_a_late_order_counts') }}</x-slot:say>
    <x-plan-tabs here="lateness" :title="__('plan.lateness.lateness')" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">{{ __('plan.lateness.customer') }}</h2>
            <form method="get" action="{{ route('plan.lateness') }}" class="mb-3 flex items-end gap-3">
                <div class="flex-1"><label for="q">{{ __('plan.lateness.another_customer') }}</label><input type="text" id="q" name="q"
                        value="{{ $words }}" maxlength="80"></div>
                <button type="submit" class="btn">{{ __('plan.lateness.find') }}</button>
            </form>
            @if ($customers->isEmpty())
                <p class="note">{{ $words === '' ? __('plan.lateness.no_customer_has_an_open_order') : __('plan.lateness.no_customer_has_that_name') }}</p>
            @else
                <form method="post" action="{{ route('plan.lateness.keep', array_filter(['q' => $words])) }}"
                    novalidate>
                    @csrf @method('put')
                    <x-wrong field="late" />
                    <table>
                        <thead>
                            <tr>
                                <th>{{ __('plan.lateness.customer') }}</th>
                                <th class="num">{{ __('plan.lateness.lateness_factor') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($customers as $one)
                                <tr>
                                    <td><label class="m-0 text-base text-ink"
                                            for="w-{{ $one->id }}">{{ $one->name }}</label></td>
                                    <td class="num"><input type="hidden" name="was[{{ $one->id }}]"
                                            value="{{ $one->late_weight }}"><input type="text" id="w-{{ $one->id }}"
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
                    <button type="submit" class="btn btn-main mt-3"
                        data-key="s">{{ __('plan.lateness.save') }} <kbd>s</kbd></button>
                </form>
            @endif
        </section>
        <section>
            <h2 class="mb-2">{{ __('plan.lateness.factor') }}</h2>
            <table>
                <tbody>
                    @foreach ($rules as [$rule, $value])
                        <tr>
                            <td>{{ RuleWords::label($rule) }}</td>
                            <td class="num whitespace-nowrap">{{ App\Shop\Figure::words($value,
                                fmod($value, 1.0) === 0.0 ? 0 : 2) }}
                                {{ RuleWords::unit($rule) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-2 text-base text-soft"><x-said key="plan.lateness.these_are_event_orders_are_marked">
                <x-slot:link><a
                    href="{{ route('shop.show') }}#Plan">{{ __('plan.lateness.house_rules') }}</a></x-slot:link></x-said></p>
        </section>
    </div>
</x-layout>
