@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs :label="__('common.shelf_tabs.thread_shelf_pages')" :tabs="[
        [route('threads.index'), __('common.shelf_tabs.shelf'), 's', $here === 'index'],
        [route('threads.needs'), __('common.shelf_tabs.needed'), 'w', $here === 'needs'],
        [route('ordering.show'), __('common.shelf_tabs.to_order'), 'o', $here === 'ordering', __('common.shelf_tabs.what_to_order')],
        [route('threads.match'), __('common.shelf_tabs.match_a_colour'), 'm', $here === 'match'],
        [route('shop.show'), __('common.shelf_tabs.shop'), 'b', false],
    ]" />
</div>
