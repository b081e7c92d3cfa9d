<x-layout station="orders" :title="__('approval.page.title', ['number' => $order->number])">
    <x-slot:say>{{ __('approval.page.shown_now') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('approval.page.title', ['number' => $order->number]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.approvals', $order) }}" data-key="b">{{ __('approval.page.back') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('orders.approvals.ask', $order) }}" class="mb-6">@csrf
        <input type="hidden" name="form" value="{{ Str::uuid() }}">
        <x-wrong field="form" />
        <button type="submit" class="btn btn-main" data-key="n">{{ __('approval.page.make_this') }} <kbd>n</kbd></button>
    </form>
    @include('approval.shown')
</x-layout>
