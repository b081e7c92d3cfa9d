@include('errors.plain', [
    'title' => 'There is no such page',
    'text' =>
        'The address leads nowhere here: what it named may be gone, or was never there. Nothing was changed.',
])
