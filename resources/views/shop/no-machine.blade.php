<x-layout :station="$station" :title="__('common.station.'.$station)">
    <x-slot:say>{{ __('shop.no_machine.the_shop_has_no_machines_yet') }}</x-slot:say>
    <p class="note"><x-said key="shop.no_machine.add_one_at_its_work_then">
        <x-slot:link><a href="{{ route('machines.show') }}">{{ __('shop.no_machine.shop_machines') }}</a></x-slot:link></x-said></p>
</x-layout>
