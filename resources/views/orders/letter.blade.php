@use('App\Foundation\Clock\ShopClock')
@use('App\Orders\Letters\Postbox')
<x-layout station="orders" :title="__('letters.page.title', ['kind' => $draft->kind->label(), 'number' => $order->number])">
    <x-slot:say>
        @if ($before !== null)
            <span class="now">{{ __('letters.page.say_sent_before', ['to' => $before->to, 'when' => ShopClock::words($before->state_at)]) }}</span>
        @else
            {{ __('letters.page.say') }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('letters.page.title', ['kind' => $draft->kind->label(), 'number' => $order->number]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.story', $order) }}" data-key="b">{{ __('orders.story.order_history', ['number' => $order->number]) }} <kbd>b</kbd></a>
    </div>
    @if (! Postbox::hasServer())
        <p class="note note-now mb-4">{{ __('letters.page.say_no_server') }}</p>
    @elseif (! $postbox->hasSender())
        <p class="note note-now mb-4">{{ __('letters.page.say_no_sender') }} <a href="{{ route('letterhead.show') }}">{{ __('letters.page.letterhead') }}</a></p>
    @elseif (Postbox::isStandIn())
        <p class="note mb-4">{{ __('letters.page.to_stand_in') }}</p>
    @endif
    <form method="post" action="{{ $action }}" class="grid max-w-2xl gap-3" data-busy novalidate>@csrf
        <input type="hidden" name="form" value="{{ old('form', Str::uuid()) }}">
        <div><label for="to">{{ __('letters.page.to') }}</label><input id="to" name="to" type="email" maxlength="254"
            value="{{ old('to', $draft->to) }}" @error('to') aria-invalid="true" aria-describedby="wrong-to" @enderror>
            <x-wrong field="to" /></div>
        <div><label for="subject">{{ __('letters.page.subject') }}</label><input id="subject" name="subject" type="text" maxlength="200" lang="{{ $reads }}"
            value="{{ old('subject', $draft->subject) }}" @error('subject') aria-invalid="true" aria-describedby="wrong-subject" @enderror>
            <x-wrong field="subject" /></div>
        <div><label for="text">{{ __('letters.page.text') }}</label><textarea id="text" name="text" rows="11" maxlength="10000" lang="{{ $reads }}"
            @error('text') aria-invalid="true" aria-describedby="wrong-text" @enderror>{{ old('text', $draft->body) }}</textarea>
            <x-wrong field="text" /></div>
        @if ($draft->files !== [])
            <p>{{ __('letters.page.attached') }}: <strong>{{ implode(', ', array_column($draft->files, 'name')) }}</strong></p>
        @endif
        <x-wrong field="form" />
        <p><button type="submit" class="btn btn-main" data-key="s">{{ __('letters.page.send') }} <kbd>s</kbd></button></p>
    </form>
</x-layout>
