<x-layout station="orders" :title="__('orders.more.add_a_line_to_order', ['number' => $order->number])">
    <x-slot:say>{{ __('orders.more.the_new_line_is_set_up') }}</x-slot:say>
    <div class="mb-2 flex items-baseline gap-4">
        <h1>{{ __('orders.more.new_line_for_no', ['number' => $order->number, 'name' => $order->customer->name]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.more.back_to_the_order') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('orders.add', $order) }}" novalidate>@csrf
        <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
        <x-wrong field="seen" /><x-wrong field="lines" />
        @include('orders.lines')
        <div class="mt-4" aria-live="polite" data-hx-post="{{ route('orders.check') }}" data-hx-include="closest form"
            data-hx-trigger="change from:closest form delay:400ms" data-hx-swap="innerHTML"></div>
        <div class="mt-5 flex gap-3">
            <button type="submit" class="btn btn-main"
                data-key="s">{{ __('orders.more.add_machine') }} <kbd>s</kbd></button>
            <button type="button" class="btn" data-key="a" data-hx-get="{{ route('orders.line') }}"
                data-hx-target="#lines"
                data-hx-swap="beforeend"
                    data-hx-include="#lines [name$='[garment]']">{{ __('orders.more.another_line') }} <kbd>a</kbd></button>
        </div>
    </form>
</x-layout>
