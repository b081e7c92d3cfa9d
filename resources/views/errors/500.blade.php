@include('errors.plain', [
    'title' => __('common.500.something_went_wrong'),
    'text' =>
        __('common.500.it_has_been_logged_everything_stored'),
])
