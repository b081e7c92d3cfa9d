@include('errors.plain', [
    'title' => __('common.409.this_changed_meanwhile'),
    'text' => __('common.409.somebody_changed_this_in_the_meantime'),
])
