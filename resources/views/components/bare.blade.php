@props(['title'])
@use('App\Foundation\Words\Languages')
{{-- A page before anybody is known: without the stations. --}}
<!doctype html>
<html lang="{{ Languages::now() }}" dir="{{ Languages::direction() }}">

<x-head :title="$title" />

<body>
    <main class="gate">
        <div class="gate-cloth" aria-hidden="true"></div>
        <div class="gate-form">
            @if (session('done'))
                <p class="note mb-4" role="status">{{ session('done') }}</p>
            @endif
            <h1 class="mb-4">{{ $title }}</h1>
            {{ $slot }}
            <div class="mt-8"><x-language /></div>
        </div>
    </main>
</body>

</html>
