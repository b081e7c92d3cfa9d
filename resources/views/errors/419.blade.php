@include('errors.plain', [
    'title' => __('common.419.page_expired'),
    'text' =>
        __('common.419.it_was_open_too_long_to'),
])
