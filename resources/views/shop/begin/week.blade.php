<p class="mb-3 text-sm text-soft">From and to, several parted by commas: 07:00-12:00, 13:00-16:30. Empty: nobody is in.
    Days off, extra hours and who is away stand in the <a href="{{ route('plan.calendar') }}">calendar</a>.</p>
@include('shop.week-form', ['to' => route('begin.week')])
