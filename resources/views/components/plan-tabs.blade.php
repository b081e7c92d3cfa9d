@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs label="Of the plan" :tabs="[
        [route('plan.show'), 'The plan', 'b', $here === 'show'],
        [route('plan.ask'), 'Questions', 'q', $here === 'ask'],
        [route('plan.calendar'), 'Calendar', 'k', $here === 'calendar'],
        [route('plan.lateness'), 'Lateness', 'l', $here === 'lateness'],
    ]" />
</div>
