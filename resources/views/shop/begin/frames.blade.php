@if ($frames !== [])
    <p class="note mb-4">In the shop: {{ implode(', ', $frames) }}. Sizes and how many there are: <a
            href="{{ route('catalogue.show', 'frames') }}">catalogue of frames</a>.</p>
@endif
<form method="post" action="{{ route('begin.frames') }}">@csrf
    <x-wrong field="sets" />
    <div class="grid gap-x-6 gap-y-3 md:grid-cols-2">
        @foreach (Hakama\Machine\FrameSet::cases() as $set)
            <label class="m-0 flex items-start gap-3 border-b border-hair py-2 text-base text-ink"><input
                type="checkbox"
                    name="sets[]" value="{{ $set->value }}" class="mt-1"
                        @checked(in_array($set->value, old('sets', []), true))>
                <span><strong>{{ $set->words() }}</strong><span class="block text-sm text-soft">{{ $set->isFor() }}:
                        @foreach ($set->frames() as $name => $frame)
                            {{ $frame->id }} {{ $frame->window->widthMm }} ×
                            {{ $frame->window->heightMm }} mm{{ $loop->last ? '' : ', ' }}
                        @endforeach
                    </span></span></label>
        @endforeach
    </div>
    <p class="my-3 text-sm text-soft">These are usual sizes. Measure the windows of your own and change them in the <a
            href="{{ route('catalogue.show', 'frames') }}">catalogue</a>, one by one or by a list (CSV).</p>
    <button class="btn btn-main" data-key="v">Add what is ticked <kbd>v</kbd></button>
</form>
