<x-layout station="orders" :title="'A line more for order ' . $order->number">
    <x-slot:say>What comes to it is set up and planned like a new order; what is there stays as it is.</x-slot:say>
    <div class="mb-2 flex items-baseline gap-4">
        <h1>A line more for no. {{ $order->number }}, {{ $order->customer->name }}</h1>
        <a class="ml-auto" href="{{ route('orders.show', $order) }}" data-key="b">Back to the order <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('orders.add', $order) }}" novalidate>@csrf
        <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
        <x-wrong field="seen" /><x-wrong field="lines" />
        @include('orders.lines')
        <div class="mt-4" aria-live="polite" hx-post="{{ route('orders.check') }}" hx-include="closest form"
            hx-trigger="change from:closest form delay:400ms" hx-swap="innerHTML"></div>
        <div class="mt-5 flex gap-3">
            <button class="btn btn-main" data-key="s">Add it <kbd>s</kbd></button>
            <button type="button" class="btn" data-key="a" hx-get="{{ route('orders.line') }}" hx-target="#lines"
                hx-swap="beforeend" hx-include="#lines [name$='[garment]']">Another line <kbd>a</kbd></button>
        </div>
    </form>
</x-layout>
