<p class="mb-3 text-sm text-soft"><x-said key="shop.begin_week.from_and_to_separated_by_commas">
    <x-slot:link><a href="{{ route('plan.calendar') }}">{{ __('shop.begin_week.calendar') }}</a></x-slot:link></x-said></p>
@include('shop.week-form', ['to' => route('begin.week')])
