<x-layout station="shop" title="Shop">
    <x-slot:say>What the shop owns, and the figures it works by. Change one, and all that follows from it is
        worked out anew.</x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>House rules</h1>
        <nav class="tabs ml-auto" aria-label="Of the shop">
            <a href="{{ route('threads.index') }}" data-key="t" data-does="The thread shelf">Thread shelf,
                {{ $threads }} threads <kbd>t</kbd></a>
            <a href="{{ route('threads.needs') }}" data-key="n" data-does="Thread and bobbins wanted">Thread wanted
                <kbd>n</kbd></a>
            <a href="{{ route('threads.match') }}" data-key="m" data-does="Match a colour">Match a colour
                <kbd>m</kbd></a>
            <a href="{{ route('catalogue.show') }}" data-key="c"
                data-does="Garments, frames, machines, places">Catalogue <kbd>c</kbd></a>
            <a href="#schools" data-key="s" data-does="Where practitioners differ">Schools <kbd>s</kbd></a>
            <a href="#owned" data-key="o" data-does="Machines and frames">Machines, frames <kbd>o</kbd></a>
        </nav>
    </div>
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
                        <strong class="text-sm text-now">{{ $set->count() }} changed</strong>
                    @endif
                </summary>
                <div class="grid grid-cols-1 gap-x-10 pb-3 lg:grid-cols-2">
                    @foreach ($cases as $rule)
                        @php $spec = $rule->spec(); @endphp
                        <div id="{{ $rule->value }}" class="flex items-start gap-3 border-b border-hair py-2" data-rule
                            @if ($rules->isSet($rule)) data-changed @endif>
                            <div class="flex-1">
                                <label for="r-{{ $rule->value }}" class="m-0 text-base text-ink">{{ $spec->label }}@if ($rules->isSet($rule))
                                        <strong class="ml-2 text-sm text-now">changed</strong>
                                    @endif
                                </label>
                                <span class="block text-sm text-soft" id="help-{{ $rule->value }}">{{ $spec->help }}
                                    Usually {{ $spec->default }}, from {{ $spec->least }} to {{ $spec->most }}.</span>
                                <x-wrong :field="$rule->value" />
                            </div>
                            <input id="r-{{ $rule->value }}" name="{{ $rule->value }}" inputmode="decimal"
                                value="{{ old($rule->value, $rules->value($rule)) }}" class="num !w-20"
                                aria-describedby="help-{{ $rule->value }}{{ $errors->has($rule->value) ? " wrong-{$rule->value}" : '' }}"
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
                    differ</strong><span class="text-sm text-soft">{{ count(Hakama\House\Question::cases()) }} questions;
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
                                    <option value="{{ $school->value }}" @selected(old("schools.{$question->value}", $rules->school($question)) === $school->value)>
                                        {{ $school->words }}</option>
                                @endforeach
                            </select>
                        </div>
                        <x-wrong :field="'schools.' . $question->value" />
                        <ul class="mt-1 text-sm text-soft">
                            @foreach ($question->schools() as $school)
                                <li class="pb-1" data-school="{{ $school->value }}"><strong
                                        @class(['text-ink' => $rules->school($question) === $school->value])>{{ ucfirst($school->words) }}{{ $rules->school($question) === $school->value ? ' (followed here)' : '' }}</strong>
                                    · {{ implode(' ', Hakama\Setup\Notes\SchoolTable::changes($question, $school)) }}
                                </li>
                            @endforeach
                        </ul>
                    </div>
                @endforeach
            </div>
        </details>
    </form>
    <div id="owned" class="mt-8 grid grid-cols-1 gap-10 lg:grid-cols-2">
        <section>
            <h2 class="mb-1"><a href="{{ route('catalogue.show', 'machines') }}">Machines</a></h2>
            <table>
                <thead>
                    <tr>
                        <th>Machine</th>
                        <th class="num">Needles</th>
                        <th class="num">Heads</th>
                        <th class="num">Top spm</th>
                        <th>Drivers</th>
                        <th>Stands with</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($machines as $m)
                        <tr>
                            <td>{{ $m->code }} {{ $m->name }}</td>
                            <td class="num">{{ $m->needles }}</td>
                            <td class="num">{{ $m->heads }}</td>
                            <td class="num">{{ $m->top_spm }}</td>
                            <td>{{ implode(', ', $m->drivers) }}</td>
                            <td>{{ $m->driver }}, {{ $m->frame?->code }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
        <section>
            <h2 class="mb-1"><a href="{{ route('catalogue.show', 'frames') }}">Frames</a></h2>
            <table>
                <thead>
                    <tr>
                        <th>Frame</th>
                        <th>Driver</th>
                        <th class="num">Window, mm</th>
                        <th class="num">Here</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($frames as $f)
                        <tr>
                            <td><strong>{{ $f->code }}</strong> {{ $f->name }}</td>
                            <td>{{ $f->driver->value }}</td>
                            <td class="num">{{ $f->window_width_mm }} × {{ $f->window_height_mm }}</td>
                            <td class="num">{{ $f->count }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </div>
</x-layout>
