@use('Hakama\House\RuleSpec')
<x-layout station="shop" title="Shop">
    <x-slot:say>What the shop owns, and the figures it works by. Change one, and all that follows from it is
        worked out anew.</x-slot:say>
    <x-shop-tabs here="rules" title="House rules" />
    <form method="post" action="{{ route('shop.rules') }}">
        @csrf @method('put')
        <input type="hidden" name="seen" value="{{ old('seen', $seen) }}">
        <div class="sticky top-0 z-10 mb-3 flex flex-wrap items-end gap-4 border-b border-hair bg-ground py-2">
            <div class="w-72"><label for="find">Find a rule</label><input id="find" type="search"
                    data-finds="[data-rule]" data-key="f" data-does="Find a rule" autocomplete="off"
                    placeholder="cap, needle, spoilage …"></div>
            <label class="m-0 flex items-center gap-2"><input type="checkbox" data-only-changed> only what is
                changed</label>
            <button class="btn btn-main ml-auto" data-key="v" data-does="Save what you changed">Save what you changed
                <kbd>v</kbd></button>
        </div>
        <x-wrong field="seen" />
        @foreach ($stations as $station => $cases)
            @php $set = $cases->filter(static fn($rule) => $rules->isSet($rule)); @endphp
            <details class="rules border-b border-hair" data-station
                @if ($cases->contains(static fn($rule) => $errors->has($rule->value))) open @endif>
                <summary class="flex items-baseline gap-3 py-2"><strong class="text-lg">{{ $station }}</strong><span
                        class="text-sm text-soft">{{ $cases->count() }} rules</span>
                    @if ($set->isNotEmpty())
                        <strong class="text-sm now">{{ $set->count() }} changed</strong>
                    @endif
                </summary>
                <div class="grid grid-cols-1 gap-x-10 pb-3 lg:grid-cols-2">
                    @foreach ($cases as $rule)
                        @php $spec = RuleSpec::of($rule); @endphp
                        <div id="{{ $rule->value }}" class="flex items-start gap-3 border-b border-hair py-2" data-rule
                            @if ($rules->isSet($rule)) data-changed @endif>
                            <div class="flex-1">
                                <label for="r-{{ $rule->value }}"
                                    class="m-0 text-base text-ink">{{ $spec->label }}@if ($rules->isSet($rule))
                                        <strong class="ml-2 text-sm now">changed</strong>
                                    @endif
                                </label>
                                <span class="block text-sm text-soft" id="help-{{ $rule->value }}">{{ $spec->help }}
                                    Usually {{ $spec->default }}, from {{ $spec->least }} to {{ $spec->most }}.</span>
                                <x-wrong :field="$rule->value" />
                            </div>
                            <input id="r-{{ $rule->value }}" name="{{ $rule->value }}" inputmode="decimal"
                                value="{{ old($rule->value, $rules->value($rule)) }}" class="num !w-20"
                                aria-describedby="help-{{ $rule->value }}{{ $errors->has($rule->value)
                                    ? " wrong-{$rule->value}" : '' }}"
                                @error($rule->value) aria-invalid="true" @enderror>
                            <span class="mt-2 w-20 text-left text-sm text-soft">{{ $spec->unit }}</span>
                        </div>
                    @endforeach
                </div>
            </details>
        @endforeach
        <details class="rules border-b border-hair" id="schools" data-station
            @if ($errors->has('schools.*')) open @endif>
            <summary class="flex items-baseline gap-3 py-2"><strong class="text-lg">Where practitioners
                    differ</strong><span class="text-sm text-soft">{{ count(Hakama\House\Question::cases()) }}
                        questions;
                    advice follows the school that is chosen, and shows what the other would say</span></summary>
            <div class="grid grid-cols-1 gap-x-10 pb-3 lg:grid-cols-2">
                @foreach (Hakama\House\Question::cases() as $question)
                    <div id="{{ $question->value }}" class="border-b border-hair py-2" data-rule
                        @if ($rules->school($question) !== $question->schools()[0]->value) data-changed @endif>
                        <div class="flex items-center gap-4">
                            <label for="s-{{ $question->value }}"
                                class="m-0 flex-1 text-base text-ink">{{ $question->words() }}</label>
                            <select id="s-{{ $question->value }}" name="schools[{{ $question->value }}]"
                                class="!w-72">
                                @foreach ($question->schools() as $school)
                                    <option value="{{ $school->value }}"
                                        @selected(old("schools.{$question->value}",
                                            $rules->school($question)) === $school->value)>
                                        {{ $school->words }}</option>
                                @endforeach
                            </select>
                        </div>
                        <x-wrong :field="'schools.' . $question->value" />
                        <ul class="mt-1 text-sm text-soft">
                            @foreach ($question->schools() as $school)
                                <li class="pb-1" data-school="{{ $school->value }}"><strong
                                        @class(['text-ink' => $rules->school($question) === $school->value])>{{
                                            ucfirst($school->words) }}{{ $rules->school($question) === $school->value
                                                ? ' (followed here)' : '' }}</strong>
                                    · {{ implode(' ', Hakama\Setup\Notes\SchoolTable::changes($question, $school)) }}
                                </li>
                            @endforeach
                        </ul>
                    </div>
                @endforeach
            </div>
        </details>
    </form>
</x-layout>
