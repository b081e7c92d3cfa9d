@use('App\Shop\RuleWords')
@use('Hakama\House\RuleSpec')
<x-layout station="shop" :title="__('shop.show.shop')">
    <x-slot:say>{{ __('shop.show.what_your_shop_owns_and_the') }}</x-slot:say>
    <x-shop-tabs here="rules" :title="__('shop.show.house_rules')" />
    <form method="post" action="{{ route('shop.rules') }}">
        @csrf @method('put')
        <input type="hidden" name="seen" value="{{ old('seen', $seen) }}">
        <div class="sticky top-0 z-10 mb-3 flex flex-wrap items-end gap-4 border-b border-hair bg-ground py-2">
            <div class="w-72"><label for="find">{{ __('shop.show.find_a_rule') }}</label><input id="find" type="search"
                    data-finds="[data-rule]" data-key="f" data-does="{{ __('shop.show.find_a_rule') }}" autocomplete="off"
                    placeholder="{{ __('shop.show.cap_needle_spoilage') }}"></div>
            <label class="m-0 flex items-center gap-2"><input type="checkbox" data-only-changed> {{ __('shop.show.changed_only') }}</label>
            <button type="submit" class="btn btn-main ms-auto" data-key="v" data-does="{{ __('shop.show.save_changes') }}">{{ __('shop.show.save_changes') }}
                <kbd>v</kbd></button>
        </div>
        <x-wrong field="seen" />
        @foreach ($stations as $station => $cases)
            @php $set = $cases->filter(static fn($rule) => $rules->isSet($rule)); @endphp
            <details class="rules border-b border-hair" data-station
                @if ($cases->contains(static fn($rule) => $errors->has($rule->value))) open @endif>
                <summary class="flex items-baseline gap-3 py-2"><strong class="text-lg">{{ __('shop.section.'.$station) }}</strong><span
                        class="text-sm text-soft">{{ __('shop.show.rules', ['count' => $cases->count()]) }}</span>
                    @if ($set->isNotEmpty())
                        <strong class="text-sm now">{{ __('shop.show.changed', ['count' => $set->count()]) }}</strong>
                    @endif
                </summary>
                <div class="grid grid-cols-1 gap-x-10 pb-3 lg:grid-cols-2">
                    @foreach ($cases as $rule)
                        @php $spec = RuleSpec::of($rule); @endphp
                        <div id="{{ $rule->value }}" class="flex items-start gap-3 border-b border-hair py-2" data-rule
                            @if ($rules->isSet($rule)) data-changed @endif>
                            <div class="flex-1">
                                <label for="r-{{ $rule->value }}"
                                    class="m-0 text-base text-ink">{{ RuleWords::label($rule) }}@if ($rules->isSet($rule))
                                        <strong class="ms-2 text-sm now">{{ __('shop.show.changed_2') }}</strong>
                                    @endif
                                </label>
                                <span class="block text-sm text-soft" id="help-{{ $rule->value }}">{{ __('shop.show.standard_from_to', [
                                    'help' => RuleWords::help($rule),
                                    'default' => RuleWords::figure($rule, $spec->default),
                                    'least' => RuleWords::figure($rule, $spec->least),
                                    'most' => RuleWords::figure($rule, $spec->most),
                                ]) }}</span>
                                <x-wrong :field="$rule->value" />
                            </div>
                            <input type="text" id="r-{{ $rule->value }}" name="{{ $rule->value }}" inputmode="decimal"
                                value="{{ old($rule->value, RuleWords::figure($rule, $rules->value($rule))) }}" class="num !w-20"
                                aria-describedby="help-{{ $rule->value }}{{ $errors->has($rule->value)
                                    ? " wrong-{$rule->value}" : '' }}"
                                @error($rule->value) aria-invalid="true" @enderror>
                            <span class="mt-2 w-20 text-start text-sm text-soft">{{ RuleWords::unit($rule) }}</span>
                        </div>
                    @endforeach
                </div>
            </details>
        @endforeach
        <details class="rules border-b border-hair" id="schools" data-station
            @if ($errors->has('schools.*')) open @endif>
            <summary class="flex items-baseline gap-3 py-2"><strong class="text-lg">{{ __('shop.show.where_practice_differs') }}</strong><span class="text-sm text-soft">{{ __('shop.show.questions_the_advice_follows_your_choice', [
                'cases' => count(Hakama\House\Question::cases()),
            ]) }}</span></summary>
            <div class="grid grid-cols-1 gap-x-10 pb-3 lg:grid-cols-2">
                @foreach (Hakama\House\Question::cases() as $question)
                    <div id="{{ $question->value }}" class="border-b border-hair py-2" data-rule
                        @if ($rules->school($question) !== $question->schools()[0]->value) data-changed @endif>
                        <div class="flex items-center gap-4">
                            <label for="s-{{ $question->value }}"
                                class="m-0 flex-1 text-base text-ink">{{ RuleWords::question($question) }}</label>
                            <select id="s-{{ $question->value }}" name="schools[{{ $question->value }}]"
                                class="!w-72">
                                @foreach ($question->schools() as $school)
                                    <option value="{{ $school->value }}"
                                        @selected(old("schools.{$question->value}",
                                            $rules->school($question)) === $school->value)>
                                        {{ RuleWords::school($question, $school) }}</option>
                                @endforeach
                            </select>
                        </div>
                        <x-wrong :field="'schools.' . $question->value" />
                        <ul class="mt-1 text-sm text-soft">
                            @foreach ($question->schools() as $school)
                                <li class="pb-1" data-school="{{ $school->value }}"><strong
                                        @class(['text-ink' => $rules->school($question) === $school->value])>{{ ucfirst(RuleWords::school($question, $school)) }}{{ $rules->school($question) === $school->value
                                                ? ' '.__('shop.show.your_choice') : '' }}</strong>
                                    · {{ implode(' ', App\Foundation\Words\Words::each(Hakama\Setup\Notes\SchoolTable::changes($question, $school))) }}
                                </li>
                            @endforeach
                        </ul>
                    </div>
                @endforeach
            </div>
        </details>
    </form>
</x-layout>
