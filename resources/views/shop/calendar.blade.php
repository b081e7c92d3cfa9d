<x-layout station="plan" title="Calendar">
    <x-slot:say>When is worked and by whom, and when a machine is down. The plan goes by it at once.</x-slot:say>
    <x-plan-tabs here="calendar" title="Calendar" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-3">
        <section>
            <h2 class="mb-1">The usual week</h2>
            @include('shop.week-form', ['to' => route('plan.week')])
            <h2 class="mb-1 mt-6">Days off</h2>
            <ul>
                @forelse ($book->daysOff() as $off)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ $off->day->format('l j F Y') }}: {{ $off->why }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove',
                            ['off', $off->day->toDateString()]) }}">@csrf
                            @method('delete')<button class="btn btn-small">Take out<span class="sr-only">
                                    {{ $off->day->toDateString() }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">None beside the usual week.</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.off') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="day" label="Day" type="date" />
                    <x-field name="why" label="Why" maxlength="80" />
                </div>
                <button class="btn mt-2">Nobody works then</button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">Machines down, or in maintenance</h2>
            <ul>
                @forelse ($book->downtimes()->reject->isOver() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ $one->machine_code }},
                            {{ $one->from_at->format('D j M H:i') }} to
                            {{ $one->to_at->format('D j M H:i') }}{{ $one->again() }}:
                            {{ $one->why }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['down', $one->id]) }}">@csrf
                            @method('delete')<button class="btn btn-small">Take out<span class="sr-only"> the downtime
                                    of {{ $one->machine_code }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">All of them run.</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.down') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <div><label for="machine">Machine</label><select id="machine" name="machine">
                            @foreach ($machines as $m)
                                <option value="{{ $m->code }}" @selected(old('machine') === $m->code)>{{ $m->code }}
                                    {{ $m->name }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                    <x-field name="what" label="What for" maxlength="80" />
                    <x-field name="from" label="From" type="datetime-local" />
                    <x-field name="to" label="To" type="datetime-local" />
                    <x-field name="every" label="Comes again after so many days; empty for once" box="col-span-2"
                        inputmode="numeric" class="num !w-24" />
                </div>
                <button class="btn mt-2">Plan around it</button>
            </form>
            <h2 class="mb-1 mt-6">Who is away, who is in as well</h2>
            <p class="text-sm text-soft">As a rule {{ $people }}
                {{ $people === 1 ? 'person is' : 'people are' }} in, each tending {{ $tends }}
                {{ $tends == 1 ? 'machine' : 'machines' }} (<a href="{{ route('shop.show') }}#people">house
                    rules</a>). A batch is begun when there are hands for it to its end.</p>
            <ul>
                @forelse ($book->presences() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ $one->words() }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['person', $one->id]) }}">@csrf
                            @method('delete')<button class="btn btn-small">Take out<span class="sr-only"> that
                                    {{ $one->words() }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">The usual people, every day.</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.person') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="who" label="Who" list="names" maxlength="60" />
                    <div><label for="people">is</label><select id="people" name="people">
                            <option value="-1" @selected(old('people') === '-1')>away</option>
                            <option value="1" @selected(old('people') === '1')>in as well</option>
                        </select><x-wrong field="people" /></div>
                    <x-field name="first_day" label="From the day" type="date" />
                    <x-field name="last_day" label="to the day" type="date" />
                    <x-field name="from_time" label="From, or all day" type="time" />
                    <x-field name="to_time" label="to" type="time" />
                </div>
                <fieldset class="mt-2">
                    <legend class="text-sm">On these days of the week</legend>
                    <div class="flex flex-wrap gap-x-3">
                        @foreach ($weekdays as $i => $name)
                            <label class="m-0 flex items-center gap-1"><input type="checkbox" name="weekdays[]"
                                    value="{{ $i }}" @checked(in_array((string) $i,
                                        old('weekdays', ['1', '2', '3', '4', '5', '6', '7']), true))>
                                {{ $name }}</label>
                        @endforeach
                    </div>
                    <x-wrong field="weekdays" />
                </fieldset>
                <datalist id="names">
                    @foreach ($names as $name)
                        <option value="{{ $name }}"></option>
                    @endforeach
                </datalist>
                <button class="btn mt-2">Plan with it</button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">Extra hours</h2>
            <ul>
                @forelse ($book->extraHours()->reject->isOver() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ $one->from_at->format('D j M H:i') }} to
                            {{ $one->to_at->format('H:i') }}: {{ $one->why }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['extra', $one->id]) }}">
                            @csrf @method('delete')<button class="btn btn-small">Take out<span class="sr-only"> the
                                    extra hours of {{ $one->from_at->format('j F') }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">None: the usual week only.</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.extra') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="extra_from" label="From" type="datetime-local" />
                    <x-field name="extra_to" label="To" type="datetime-local" />
                </div>
                <x-field name="extra_why" label="What for" box="mt-2" maxlength="80" />
                <button class="btn mt-2">Work then too</button>
            </form>
            <h2 class="mb-1 mt-6">For other programs</h2>
            <ul>
                <li class="border-b border-hair py-1"><a href="{{ route('plan.csv') }}" data-key="c"
                        data-does="The plan as a list">The plan as a list (CSV) <kbd>c</kbd></a></li>
                @foreach ($machines as $m)
                    <li class="border-b border-hair py-1"><a
                        href="{{ App\People\CalendarKey::addressOf(route('plan.ics', $m)) }}">{{ $m->code }}
                            {{ $m->name }} (calendar)</a></li>
                @endforeach
                @foreach ($customers as $one)
                    <li class="border-b border-hair py-1"><a
                        href="{{ App\People\CalendarKey::addressOf(route('plan.promises', $one->id)) }}">Promised
                            to {{ $one->name }} (calendar)</a></li>
                @endforeach
            </ul>
        </section>
    </div>
</x-layout>
