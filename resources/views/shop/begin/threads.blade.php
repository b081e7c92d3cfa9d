<form method="post" action="{{ route('begin.threads') }}">@csrf
    <x-wrong field="codes" />
    <p class="mb-3 text-sm text-soft"><x-said key="shop.begin_threads.tick_the_threads_you_have_as">
        <x-slot:link><a href="{{ route('threads.index') }}">{{ __('shop.begin_threads.thread_shelf') }}</a></x-slot:link></x-said></p>
    <div class="grid grid-cols-2 gap-x-4 md:grid-cols-4">
        @foreach (Hakama\Thread\ColourCard::threads() as $code => $thread)
            @php $has = in_array($code, $threads, true); @endphp
            <label class="m-0 flex items-center gap-2 border-b border-hair py-1 text-base text-ink"><input
                    type="checkbox" name="codes[]" value="{{ $code }}" @disabled($has)
                    @checked($has || in_array($code, old('codes', []), true))><span class="swatch"
                    style="background-color: {{ $thread->hex }}"></span>{{ $code }}
                {{ $thread->name }}{{ $has ? ' ✓' : '' }}</label>
        @endforeach
    </div>
    <button type="submit" class="btn btn-main mt-4"
        data-key="v">{{ __('shop.begin_threads.add_to_the_shelf') }} <kbd>v</kbd></button>
</form>
