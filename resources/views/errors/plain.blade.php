@use('App\Foundation\Words\Languages')
<!doctype html>
<html lang="{{ Languages::now() }}" dir="{{ Languages::direction() }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('common.plain.hakama', ['title' => $title]) }}</title>
    <link rel="stylesheet" href="{{ App\Foundation\Http\BuiltAsset::address('app.css') }}">
</head>

<body>
    <main class="mx-auto max-w-[720px] px-6 py-16">
        <h1 class="mb-4">{{ $title }}</h1>
        <p class="note note-now mb-6" role="alert">{{ $text }}</p>
        <p><a class="btn" href="/orders">{{ __('common.plain.to_orders') }}</a></p>
    </main>
</body>

</html>
