@props(['title'])
{{-- A page before anybody is known: without the stations. --}}
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Hakama</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/build/app.css?v={{ trim((string) @file_get_contents(public_path('build/version'))) }}">
</head>

<body>
    <main class="gate">
        <div class="gate-cloth" aria-hidden="true"></div>
        <div class="gate-form">
            @if (session('done'))
                <p class="note mb-4" role="status">{{ session('done') }}</p>
            @endif
            <h1 class="mb-4">{{ $title }}</h1>
            {{ $slot }}
        </div>
    </main>
</body>

</html>
