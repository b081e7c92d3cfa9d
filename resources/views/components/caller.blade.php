@use('App\Foundation\Words\Words')
@inject('premises', 'App\Foundation\ShopProfile')
@php
    $caller = App\People\Caller::of(request());
    $shop = $premises->shop();
@endphp
{{-- Who is signed in here, and whose shop it is. --}}
<span class="ms-auto">{{ $shop->name }}@if ($shop->is_demo)
        <x-said key="common.caller.demo">
            <x-slot:link><a href="{{ route('begin.show') }}">{{ __('common.caller.set_up_your_own_shop') }}</a></x-slot:link></x-said>
    @endif
</span>
@if ($caller?->person)
    <form method="post" action="{{ route('sign-out') }}" class="flex items-center gap-2">@csrf
        <span>{{ $caller->person->name }}, {{ Words::small($caller->role->label()) }}</span><button type="submit" class="btn btn-small">{{ __('common.caller.sign_out') }}</button></form>
@elseif ($caller?->tablet)
    <span>{{ __('common.caller.tablet', ['name' => $caller->tablet->name]) }}</span>
@elseif (!$shop->is_demo)
    <span class="now"><x-said key="common.caller.this_shop_has_no_owner_yet">
        <x-slot:link><a href="{{ route('begin.show') }}">{{ __('common.caller.finish_setting_up') }}</a></x-slot:link></x-said></span>
@endif
