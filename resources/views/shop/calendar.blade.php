@use('App\Foundation\Words\Dates')
<x-layout station="plan" :title="__('shop.calendar.calendar')">
    <x-slot:say>{{ __('shop.calendar.working_hours_and_staff_and_machine') }}</x-slot:say>
    <x-plan-tabs here="calendar" :title="__('shop.calendar.calendar')" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-3">
        <section>
            <h2 class="mb-1">{{ __('shop.calendar.usual_week') }}</h2>
            @include('shop.week-form', ['to' => route('plan.week')])
            <h2 class="mb-1 mt-6">{{ __('shop.calendar.days_off') }}</h2>
            <ul>
                @forelse ($book->daysOff() as $off)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ Dates::longDayYear($off->day) }}: {{ $off->why }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove',
                            ['off', $off->day->toDateString()]) }}">@csrf
                            @method('delete')<button type="submit" class="btn btn-small">{{ __('shop.calendar.remove') }}<span class="sr-only">
                                    {{ $off->day->toDateString() }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">{{ __('shop.calendar.no_days_off') }}</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.off') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="day" :label="__('shop.calendar.day')" type="date" />
                    <x-field name="why" :label="__('shop.calendar.reason')" maxlength="80" />
                </div>
                <button type="submit" class="btn mt-2">{{ __('shop.calendar.add_day_off') }}</button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">{{ __('shop.calendar.machine_downtime_and_maintenance') }}</h2>
            <ul>
                @forelse ($book->downtimes()->reject->isOver() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ __('shop.calendar.to', [
                                'machine_code' => $one->machine_code,
                                'from_at' => Dates::dayTime($one->from_at),
                                'to_at' => Dates::dayTime($one->to_at),
                                'again' => $one->again(),
                                'why' => $one->why,
                            ]) }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['down', $one->id]) }}">@csrf
                            @method('delete')<button type="submit" class="btn btn-small">{{ __('shop.calendar.remove') }}<span class="sr-only"> {{ __('shop.calendar.the_downtime_of', [
                                'machine_code' => $one->machine_code,
                            ]) }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">{{ __('shop.calendar.all_machines_are_running') }}</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.down') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <div><label for="machine">{{ __('shop.calendar.machine') }}</label><select id="machine" name="machine">
                            @foreach ($machines as $m)
                                <option value="{{ $m->code }}" @selected(old('machine') === $m->code)>{{ $m->code }}
                                    {{ $m->name }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                    <x-field name="what" :label="__('shop.calendar.reason')" maxlength="80" />
                    <x-field name="from" :label="__('shop.calendar.from')" type="datetime-local" />
                    <x-field name="to" :label="__('shop.calendar.to_2')" type="datetime-local" />
                    <x-field name="every" :label="__('shop.calendar.repeat_every_days_empty_once')" box="col-span-2"
                        inputmode="numeric" class="num !w-24" />
                </div>
                <button type="submit" class="btn mt-2">{{ __('shop.calendar.add_downtime') }}</button>
            </form>
            <h2 class="mb-1 mt-6">{{ __('shop.calendar.absent_or_extra_people') }}</h2>
            <p class="text-sm text-soft"><x-said key="shop.calendar.usually_people_are_there_each_tending" :with="[
                'people' => $people,
                'tends' => $tends,
                'value' => $tends == 1 ? __('shop.calendar.machine_2') : __('shop.calendar.machines'),
            ]">
                <x-slot:link><a href="{{ route('shop.show') }}#people">{{ __('shop.calendar.house_rules') }}</a></x-slot:link></x-said></p>
            <ul>
                @forelse ($book->presences() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ $one->words() }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['person', $one->id]) }}">@csrf
                            @method('delete')<button type="submit" class="btn btn-small">{{ __('shop.calendar.remove') }}<span class="sr-only"> {{ __('shop.calendar.that', [
                                'one' => $one->words(),
                            ]) }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">{{ __('shop.calendar.the_usual_people_every_day') }}</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.person') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="who" :label="__('shop.calendar.who')" list="names" maxlength="60" />
                    <div><label for="people">{{ __('shop.calendar.is') }}</label><select id="people" name="people">
                            <option value="-1" @selected(old('people') === '-1')>{{ __('shop.calendar.absent') }}</option>
                            <option value="1" @selected(old('people') === '1')>{{ __('shop.calendar.extra') }}</option>
                        </select><x-wrong field="people" /></div>
                    <x-field name="first_day" :label="__('shop.calendar.first_day')" type="date" />
                    <x-field name="last_day" :label="__('shop.calendar.last_day')" type="date" />
                    <x-field name="from_time" :label="__('shop.calendar.from_empty_all_day')" type="time" />
                    <x-field name="to_time" :label="__('shop.calendar.to_3')" type="time" />
                </div>
                <fieldset class="mt-2">
                    <legend class="text-sm">{{ __('shop.calendar.on_these_weekdays') }}</legend>
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
                <button type="submit" class="btn mt-2">{{ __('shop.calendar.add_to_the_calendar') }}</button>
            </form>
        </section>
        <section>
            <h2 class="mb-1">{{ __('shop.calendar.overtime') }}</h2>
            <ul>
                @forelse ($book->extraHours()->reject->isOver() as $one)
                    <li class="flex items-baseline gap-3 border-b border-hair py-1"><span
                            class="flex-1">{{ __('shop.calendar.to_4', [
                                'from_at' => Dates::dayTime($one->from_at),
                                'to_at' => Dates::time($one->to_at),
                                'why' => $one->why,
                            ]) }}</span>
                        <form method="post" action="{{ route('plan.calendar.remove', ['extra', $one->id]) }}">
                            @csrf @method('delete')<button type="submit" class="btn btn-small">{{ __('shop.calendar.remove') }}<span class="sr-only"> {{ __('shop.calendar.the_extra_hours_of', [
                                'from_at' => Dates::longDate($one->from_at),
                            ]) }}</span></button></form>
                </li>@empty<li class="py-1 text-soft">{{ __('shop.calendar.none_the_usual_week_only') }}</li>
                @endforelse
            </ul>
            <form method="post" action="{{ route('plan.extra') }}" class="mt-3">@csrf
                <div class="grid grid-cols-2 gap-3">
                    <x-field name="extra_from" :label="__('shop.calendar.from')" type="datetime-local" />
                    <x-field name="extra_to" :label="__('shop.calendar.to_2')" type="datetime-local" />
                </div>
                <x-field name="extra_why" :label="__('shop.calendar.reason')" box="mt-2" maxlength="80" />
                <button type="submit" class="btn mt-2">{{ __('shop.calendar.add_overtime') }}</button>
            </form>
            <h2 class="mb-1 mt-6">{{ __('shop.calendar.for_other_programs') }}</h2>
            <ul>
                <li class="border-b border-hair py-1"><a href="{{ route('plan.csv') }}" data-key="c"
                        data-does="{{ __('shop.calendar.the_plan_as_a_list') }}">{{ __('shop.calendar.the_plan_as_a_list_csv') }} <kbd>c</kbd></a></li>
                @foreach ($machines as $m)
                    <li class="border-b border-hair py-1"><a
                        href="{{ App\People\CalendarKey::addressOf(route('plan.ics', $m)) }}">{{ __('shop.calendar.calendar_2', [
                            'code' => $m->code,
                            'name' => $m->name,
                        ]) }}</a></li>
                @endforeach
                @foreach ($customers as $one)
                    <li class="border-b border-hair py-1"><a
                        href="{{ App\People\CalendarKey::addressOf(route('plan.promises', $one->id)) }}">{{ __('shop.calendar.promised_to_calendar', [
                            'name' => $one->name,
                        ]) }}</a></li>
                @endforeach
            </ul>
        </section>
    </div>
</x-layout>
