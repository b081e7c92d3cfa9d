@props(['title'])
@use('App\Foundation\Words\Languages')
{{-- A page for somebody outside of the shop, who has its link: nothing else is reached from it. --}}
<!doctype html>
<html lang="{{ Languages::now() }}" dir="{{ Languages::direction() }}">

<x-head :title="$title"><meta name="robots" content="noindex"></x-head>

<body>
    <main class="mx-auto max-w-3xl px-5 py-8">
        @if (session('done'))
            <p class="note mb-6" role="status">{{ session('done') }}</p>
        @endif
        @if (session('problem'))
            <p class="note note-now mb-6" role="alert">{{ session('problem') }}</p>
        @endif
        {{ $slot }}
    </main>
</body>

</html>
