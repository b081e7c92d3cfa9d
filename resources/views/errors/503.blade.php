@include('errors.plain', [
    'title' => __('common.503.back_in_a_moment'),
    'text' => __('common.503.hakama_is_being_updated_try_again'),
])
