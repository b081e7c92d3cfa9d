@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs :label="__('common.shop_tabs.shop_pages')" :tabs="[
        [route('shop.show'), __('common.shop_tabs.house_rules'), 'r', $here === 'rules'],
        [route('machines.show'), __('common.shop_tabs.machines'), 'a', $here === 'machines'],
        [route('threads.index'), __('common.shop_tabs.thread_shelf'), 't', false],
        [route('threads.needs'), __('common.shop_tabs.thread_needed'), 'n', false, __('common.shop_tabs.thread_and_bobbins_needed')],
        [route('threads.match'), __('common.shop_tabs.match_a_colour'), 'm', false],
        [route('catalogue.show'), __('common.shop_tabs.catalogue'), 'c', false, __('common.shop_tabs.garments_frames_machines_places')],
        [route('prices.show'), __('common.shop_tabs.prices'), 'q', $here === 'prices', __('common.shop_tabs.price_list')],
        [route('letterhead.show'), __('common.shop_tabs.letterhead'), 'l', $here === 'letterhead', __('common.shop_tabs.name_address_bank_on_papers')],
        [route('people.show'), __('common.shop_tabs.people'), 'p', $here === 'people', __('common.shop_tabs.people_roles_and_tablets')],
        [route('programs.show'), __('api.page.programs'), 'w', $here === 'programs', __('api.page.programs_that_connect')],
        [route('shop.changes'), __('common.shop_tabs.changes'), 'g', $here === 'changes', __('common.shop_tabs.change_log')],
    ]" />
</div>
