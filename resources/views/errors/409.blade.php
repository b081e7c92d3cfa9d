@include('errors.plain', [
    'title' => 'That does not go',
    'text' => 'Something else happened meanwhile, so nothing was changed. Go back and look at how it stands now.',
])
