@props(['station', 'title', 'floor' => false])
@use('App\Foundation\Words\Dates')
@use('App\Foundation\Words\Languages')
@inject('pleats', 'App\Orders\Queries\StationCounts')
@php
    $waiting = $pleats->waiting();
@endphp
<!doctype html>
<html lang="{{ Languages::now() }}" dir="{{ Languages::direction() }}" data-locale="{{ Languages::tag() }}"
    data-hours="{{ Dates::hours() }}" data-first-day="{{ Languages::firstDay() }}">

<x-head :title="$title">
    @if ($floor)
        <link rel="manifest" href="/manifest.webmanifest">
        <meta name="theme-color" content="#2b3a67">
    @endif
    <script type="application/json" id="words">@json(__('common.script'))</script>
    {{-- Columns of a table move as long as rows come: nothing is shown before all are there and this has run. --}}
    <script src="{{ App\Foundation\Http\BuiltAsset::address('early.js') }}" defer blocking="render"></script>
    <script src="{{ App\Foundation\Http\BuiltAsset::address('app.js') }}" defer></script>
</x-head>

<body @class(['floor' => $floor])>
    <a href="#main" class="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-paper focus:p-3">{{ __('common.layout.skip_to_content') }}</a>
    <nav class="pleats" aria-label="{{ __('common.layout.stations') }}">
        @foreach (App\Orders\Queries\StationCounts::STATIONS as $i => $name)
            <a href="/{{ $name }}" class="pleat" data-key="{{ $i + 1 }}"
                data-does="{{ __('common.layout.go_to', [
                    'name' => __('common.station.'.$name),
                ]) }}" @if ($name === $station) aria-current="page" @endif>
                <span class="name">{{ __('common.station.'.$name) }}</span>
                <span class="count">{{ $waiting[$name] }}
                    <small>{{ $name === 'books' ? __('common.layout.today') : ($waiting[$name] === 1 ? __('common.layout.piece') : __('common.layout.pieces')) }}</small></span>
                @if ($name === $station)
                    <span class="say">{{ $say ?? '' }}</span>
                @endif
            </a>
        @endforeach
        <a href="/shop" class="pleat shop" data-key="0" data-does="{{ __('common.layout.go_to_shop') }}"
            @if ($station === 'shop') aria-current="page" @endif>
            <span class="name">{{ __('common.layout.shop') }}</span>
            @if ($station === 'shop')
            <span class="say">{{ $say ?? '' }}</span>@else<span class="count"><small>{{ __('common.layout.rules') }}</small></span>
            @endif
        </a>
    </nav>
    <nav class="footbar noprint" aria-label="{{ __('common.layout.all_stations') }}">
        <details>
            <summary><strong class="font-head text-lg">{{ __('common.station.'.$station) }}</strong><span
                    class="all">{{ __('common.layout.all_stations') }}</span></summary>
            <ul>
                @foreach ([...App\Orders\Queries\StationCounts::STATIONS, 'shop'] as $name)
                    <li><a href="/{{ $name }}" @if ($name === $station) aria-current="page" @endif>{{ __('common.station.'.$name) }}
                            <span class="tabular-nums">{{ $waiting[$name] ?? '' }}</span></a></li>
                @endforeach
            </ul>
        </details>
    </nav>
    <main id="main" class="mx-auto max-w-[1280px] px-6 py-5" tabindex="-1">
        @if (session('done'))
            <p class="note mb-4" role="status">{{ session('done') }}</p>
        @endif
        @if (session('problem'))
            <p class="note note-now mb-4" role="alert">{{ session('problem') }}</p>
        @endif
        @if ($failed = App\Shop\Backup\Health::failedBackup())
            <p class="note note-now noprint mb-4" role="alert">{{ __('common.layout.the_last_backup_failed_run', [
                'failed' => $failed,
            ]) }}
                <kbd>{{ __('common.layout.bin_backup') }}</kbd> {{ __('common.layout.on_the_shops_computer') }}</p>
        @endif
        @unless (str_contains((string) $slot, '<h1'))
            <h1 class="sr-only">{{ $title }}</h1>
        @endunless
        {{ $slot }}
    </main>
    <footer
        class="noprint mx-auto flex max-w-[1280px] flex-wrap items-center gap-x-5 gap-y-2 px-6 pb-6 text-sm text-soft">
        <button type="button"
            class="btn btn-small" data-keys>{{ __('common.layout.keyboard_shortcuts') }} <kbd>?</kbd></button>
        <x-caller />
        <a href="{{ route('reading.show') }}">{{ __('common.layout.language_dates_units') }}</a>
    </footer>
    <dialog id="keys" aria-label="{{ __('common.layout.keyboard_shortcuts') }}">
        <h2 class="mb-3">{{ __('common.layout.keyboard_shortcuts') }}</h2>
        <dl class="facts"></dl>
        <form method="dialog" class="mt-4"><button type="submit"
            class="btn">{{ __('common.layout.close') }}</button></form>
    </dialog>
</body>

</html>
