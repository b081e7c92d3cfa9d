<x-layout station="shop" :title="__('shop.begin_loading.loading_the_demo')">
    <x-slot:say>{{ __('shop.begin_loading.a_quarter_is_being_sewn') }}</x-slot:say>
    <h1 class="mb-3">{{ __('shop.begin_loading.loading_the_demo') }}</h1>
    <p class="mb-4 max-w-[40em]" role="status">{{ __('shop.begin_loading.orders_plans_breaks') }}</p>
    <div hx-get="{{ route('begin.loading') }}" hx-trigger="every 2s" hx-swap="none"></div>
    <p><a class="btn" href="{{ route('begin.loading') }}">{{ __('shop.begin_loading.look_again') }}</a></p>
</x-layout>
