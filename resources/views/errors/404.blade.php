@include('errors.plain', [
    'title' => __('common.404.page_not_found'),
    'text' =>
        __('common.404.it_may_have_been_removed_nothing'),
])
