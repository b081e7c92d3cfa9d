@use('App\Foundation\Words\Languages')
{{-- The languages there are, each called as it calls itself; what is chosen is spoken from the next page on. --}}
@php $languages = Languages::all(); @endphp
@if (count($languages) > 1)
    <form method="post" action="{{ route('language') }}" class="flex items-center gap-2" data-language>@csrf
        <label for="language" class="sr-only">{{ __('common.language.language') }}</label>
        <select id="language" name="language" class="!w-auto !py-1">
            @foreach ($languages as $code => $name)
                <option value="{{ $code }}" lang="{{ $code }}" @selected($code === Languages::now())>{{ $name }}</option>
            @endforeach
        </select><button type="submit" class="btn btn-small">{{ __('common.language.change') }}</button>
    </form>
@endif
