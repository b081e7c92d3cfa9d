@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs :label="__('common.setup_tabs.setup_pages')" :tabs="[
        [route('setup.index'), __('common.setup_tabs.decorations'), 'd', $here === 'index'],
        [route('setup.backing'), __('common.setup_tabs.backing_to_cut'), 'c', $here === 'backing'],
        [route('setup.practice'), __('common.setup_tabs.practice_book'), 'o', $here === 'practice'],
        [route('setup.clamps'), __('common.setup_tabs.clamps'), 'k', $here === 'clamps'],
        [route('catalogue.show'), __('common.setup_tabs.catalogue'), 'g', false, __('common.setup_tabs.the_catalogue_of_garments_frames_and')],
    ]" />
</div>
