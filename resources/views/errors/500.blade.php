@include('errors.plain', [
    'title' => 'Something broke here',
    'text' =>
        'It was written to the log. What had been stored is kept, what you just sent was not stored. Go back and try once more.',
])
