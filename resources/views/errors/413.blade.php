@include('errors.plain', [
    'title' => 'Too much was sent',
    'text' =>
        'What was sent is larger than the server takes in (a tape is at most 16 MB), so nothing of it was stored. '.
            'Go back with the browser: what you typed is still in the form.',
])
