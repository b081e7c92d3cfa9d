@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs :label="__('common.plan_tabs.plan_pages')" :tabs="[
        [route('plan.show'), __('common.plan_tabs.the_plan'), 'b', $here === 'show'],
        [route('plan.ask'), __('common.plan_tabs.questions'), 'q', $here === 'ask'],
        [route('plan.calendar'), __('common.plan_tabs.calendar'), 'k', $here === 'calendar'],
        [route('plan.lateness'), __('common.plan_tabs.lateness'), 'l', $here === 'lateness'],
    ]" />
</div>
