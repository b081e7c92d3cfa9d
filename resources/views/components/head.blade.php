@props(['title'])
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ __('common.head.hakama', ['title' => $title]) }}</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ App\Foundation\Http\BuiltAsset::address('app.css') }}">
    {{ $slot }}
</head>
