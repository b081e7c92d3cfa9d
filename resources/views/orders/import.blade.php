<x-layout station="orders" :title="__('orders.import.title')">
    <x-slot:say>{{ __('orders.import.say', ['file' => $import->file_name, 'orders' => App\Shop\Figure::words($import->orders)]) }}</x-slot:say>
    <h1 class="mb-4">{{ $import->file_name }}</h1>
    @include('orders.importing')
    <p class="mt-5"><a class="btn" href="{{ route('orders.index') }}">{{ __('orders.import.all_orders') }}</a></p>
</x-layout>
