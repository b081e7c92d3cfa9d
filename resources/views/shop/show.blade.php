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
    <div class="grid grid-cols-1 gap-x-10 lg:grid-cols-2">
        @foreach ($stations as $station => $cases)
            <section class="mb-6 break-inside-avoid">
                <h3 class="mt-3 font-semibold">{{ $station }}</h3>
                <table>
                    <thead>
                        <tr>
                            <th>Rule</th>
                            <th class="num">Value</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($cases as $rule)
                            @php $spec = $rule->spec(); @endphp
                            <tr id="{{ $rule->value }}">
                                <td>
                                    <label for="r-{{ $rule->value }}" class="m-0 text-base text-ink">
                                        {{ $spec->label }}@if ($rules->isSet($rule))
                                            <strong class="ml-2 text-sm text-now">changed</strong>
                                        @endif
                                    </label>
                                    <span class="block text-sm text-soft" id="help-{{ $rule->value }}">
                                        {{ $spec->help }} Usually {{ $spec->default }}, from {{ $spec->least }} to
                                        {{ $spec->most }}.
                                    </span>
                                    <x-wrong :field="$rule->value" />
                                </td>
                                <td class="num w-52">
                                    <form method="post" action="{{ route('shop.rule', $rule->value) }}"
                                        class="flex items-center justify-end gap-2">
                                        @csrf
                                        @method('put')
                                        <input id="r-{{ $rule->value }}" name="{{ $rule->value }}"
                                            inputmode="decimal" value="{{ old($rule->value, $rules->value($rule)) }}"
                                            class="num !w-20"
                                            aria-describedby="help-{{ $rule->value }}{{ $errors->has($rule->value) ? " wrong-{$rule->value}" : '' }}"
                                            @error($rule->value) aria-invalid="true" @enderror>
                                        <span class="w-20 text-left text-sm text-soft">{{ $spec->unit }}</span>
                                        <button class="btn btn-small"
                                            aria-label="Set: {{ $spec->label }}">Set</button>
                                    </form>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endforeach
    </div>
    <h2 class="mb-1" id="schools">Where practitioners differ</h2>
    <p class="mb-2 text-sm text-soft">Advice follows the school that is chosen here, and shows what the other would say.
    </p>
    <div class="mb-8 grid grid-cols-1 gap-x-10 lg:grid-cols-2">
        @foreach (Hakama\House\Question::cases() as $question)
            <div id="{{ $question->value }}" class="border-b border-hair py-2">
                <form method="post" action="{{ route('shop.follow', $question->value) }}"
                    class="flex items-center gap-4">@csrf @method('put')
                    <label for="s-{{ $question->value }}"
                        class="m-0 flex-1 text-base text-ink">{{ $question->words() }}</label>
                    <select id="s-{{ $question->value }}" name="school" class="!w-72">
                        @foreach ($question->schools() as $school)
                            <option value="{{ $school->value }}" @selected($rules->school($question) === $school->value)>{{ $school->words }}
                            </option>
                        @endforeach
                    </select>
                    <button class="btn btn-small" aria-label="Set: {{ $question->words() }}">Set</button>
                    <x-wrong :field="$question->value" />
                </form>
                <ul class="mt-1 text-sm text-soft">
                    @foreach ($question->schools() as $school)
                        <li class="pb-1" data-school="{{ $school->value }}"><strong
                                @class(['text-ink' => $rules->school($question) === $school->value])>{{ ucfirst($school->words) }}{{ $rules->school($question) === $school->value ? ' (followed here)' : '' }}</strong>
                            · {{ implode(' ', Hakama\Setup\Notes\SchoolTable::changes($question, $school)) }}</li>
                    @endforeach
                </ul>
            </div>
        @endforeach
    </div>
    <div id="owned" class="grid grid-cols-1 gap-10 lg:grid-cols-2">
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
