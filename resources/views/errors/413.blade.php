@include('errors.plain', [
    'title' => __('common.413.file_too_large'),
    'text' =>
        __('common.413.the_server_takes_up_to_16'),
])
