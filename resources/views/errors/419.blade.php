@include('errors.plain', [
    'title' => 'The page was too old',
    'text' =>
        'It was open too long to be sent safely. Nothing was stored. Go back, reload the page and send it again.',
])
