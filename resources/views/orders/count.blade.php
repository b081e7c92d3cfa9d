<x-layout station="orders" :title="__('orders.count.count_order', ['number' => $order->number])" :floor="true">
    <x-slot:say>{{ __('orders.count.every_label_of_no_for_one', [
        'number' => $order->number,
        'name' => $order->customer->name,
    ]) }}</x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('orders.count.count_for_handing_over') }}</h1>
        <a class="ms-auto" href="{{ route('orders.story', $order) }}" data-key="b">{{ __('orders.count.hand_over') }} <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 md:grid-cols-2">
        <div>
            <form method="post" action="{{ route('orders.count.add', $order) }}" data-hx-post="{{ route('orders.count.add', $order) }}"
                data-hx-target="#counted" data-hx-swap="innerHTML" class="grid gap-3" data-count>@csrf
                <div><label for="code">{{ __('orders.count.label_code') }}</label><input type="text" id="code" name="code" maxlength="200"
                        autocomplete="off" autofocus placeholder="P-1234-4"></div>
                <button type="submit" class="btn btn-main"
                    data-key="w">{{ __('orders.count.count') }} <kbd>w</kbd></button>
            </form>
            <x-scanner class="mt-4" />
        </div>
        <section id="counted" aria-live="polite">
            @include('orders.counted', ['said' => null, 'isNew' => false])
        </section>
    </div>
    <form method="post" action="{{ route('orders.count.anew', $order) }}" class="mt-6">@csrf @method('delete')
        <button type="submit" class="btn btn-small">{{ __('orders.count.start_again_at_0') }}</button></form>
</x-layout>
