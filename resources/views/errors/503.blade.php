@include('errors.plain', [
    'title' => 'Closed for a moment',
    'text' => 'The shop is being brought up to date. Try again in a minute.',
])
