@props(['title'])
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ __('common.head.hakama', ['title' => $title]) }}</title>
    {{-- Asked for with the page: words set in another font meanwhile would move what stands below them. --}}
    @foreach (['atkinson', 'bricolage'] as $font)
        <link rel="preload" href="/build/fonts/{{ $font }}.woff2" as="font" type="font/woff2" crossorigin>
    @endforeach
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ App\Foundation\Http\BuiltAsset::address('app.css') }}">
    {{ $slot }}
</head>
