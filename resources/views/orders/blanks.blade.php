@use('App\Foundation\Words\Dates')
@php
    $sizes = array_keys($garments->wanted[$line->id] ?? []);
    $expected = $garments->expected[$line->id] ?? [];
@endphp
<div class="mb-3 text-sm">
    <div class="flex flex-wrap items-center gap-x-4">
        <strong class="w-56">{{ $line->garmentLabel() }}</strong><span
            class="text-soft">{{ $garments->blanks($line->id) ?: __('orders.story.not_counted_yet') }}</span>
        <details @if ($isOpen && $errors->hasAny(['good', 'wrong', 'arrival_note'])) open @endif>
            <summary>{{ __('orders.story.blanks_received') }}</summary>
            <form method="post" action="{{ route('orders.arrive', $line) }}"
                class="mt-1 flex flex-wrap items-end gap-3">@csrf<input type="hidden" name="id" value="{{ Str::uuid() }}"><input
                    type="hidden" name="line" value="{{ $line->id }}">
                <x-field name="good" :at="$line->id" :mine="$isOpen" :label="__('orders.story.good')" inputmode="numeric" box="w-24" />
                <x-field name="wrong" :at="$line->id" :mine="$isOpen" :label="__('orders.story.wrong')" inputmode="numeric" box="w-24" />
                @include('orders.blank-size', ['id' => "came-{$line->id}"])
                <x-field name="arrival_note" :at="$line->id" :mine="$isOpen" :label="__('orders.story.what_is_wrong')" maxlength="200"
                    box="w-64" />
                <button type="submit" class="btn btn-small">{{ __('orders.story.counted') }}</button>
            </form>
        </details>
        <details @if ($isOpen && $errors->hasAny(['expected', 'expected_on'])) open @endif>
            <summary>{{ __('orders.blanks.expect') }}</summary>
            <form method="post" action="{{ route('orders.expect', $line) }}"
                class="mt-1 flex flex-wrap items-end gap-3">@csrf<input type="hidden" name="id" value="{{ Str::uuid() }}"><input
                    type="hidden" name="line" value="{{ $line->id }}">
                <x-field name="expected" :at="$line->id" :mine="$isOpen" :label="__('orders.blanks.pieces')" inputmode="numeric" box="w-24" />
                @include('orders.blank-size', ['id' => "expected-{$line->id}"])
                <x-field name="expected_on" :at="$line->id" :mine="$isOpen" :label="__('orders.blanks.day')" type="date" />
                <button type="submit" class="btn btn-small">{{ __('orders.blanks.save') }}</button>
            </form>
        </details>
    </div>
    @foreach ($expected as $one)
        <form method="post" action="{{ route('orders.expect.forget', $one) }}" class="mt-1 flex flex-wrap items-center gap-3">
            @csrf @method('delete')
            <span>{{ __('orders.blanks.expected', [
                'pieces' => $one->left(),
                'size' => $one->size === '' ? 'any' : App\Foundation\Words\Words::say(Hakama\Garment\Size::from($one->size)->label()),
                'day' => Dates::day($one->expected_on),
            ]) }}</span>
            @if ($one->expected_on->isPast() && ! $one->expected_on->isToday())
                <span class="now">{{ __('orders.blanks.overdue') }}</span>
            @endif
            <button type="submit" class="btn btn-small"><span>{{ __('orders.blanks.forget') }}</span><span class="sr-only">:
                {{ $line->garmentLabel() }}</span></button>
        </form>
    @endforeach
    @foreach ($awaited[$line->id] ?? [] as [$batch, $sentences, $apart])
        <div class="note mt-2">
            @foreach ($sentences as $sentence)
                <p>{{ $sentence }}</p>
            @endforeach
            @if ($apart > 0)
                <x-wrong field="pieces" />
                <form method="post" action="{{ route('plan.split', $batch->code) }}" class="mt-2">@csrf<input type="hidden"
                        name="version" value="{{ $version }}"><input type="hidden" name="pieces" value="{{ $apart }}"><button
                        type="submit" class="btn btn-small" @if ($loop->first && $loop->parent->first) data-key="a" @endif>{{ __('orders.blanks.run_apart', [
                            'pieces' => $apart, 'code' => $batch->code,
                        ]) }}@if ($loop->first && $loop->parent->first) <kbd>a</kbd>@endif</button></form>
            @endif
        </div>
    @endforeach
</div>
