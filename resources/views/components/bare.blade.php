@props(['title'])
{{-- A page before anybody is known: without the stations. --}}
<!doctype html>
<html lang="en">

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
        </div>
    </main>
</body>

</html>
