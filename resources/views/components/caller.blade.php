@inject('premises', 'App\Foundation\ShopProfile')
@php
    $caller = App\People\Caller::of(request());
    $shop = $premises->shop();
@endphp
{{-- Who is signed in here, and whose shop it is. --}}
<span class="ml-auto">{{ $shop->name }}@if ($shop->is_demo)
        (the demo; <a href="{{ route('begin.show') }}">begin your own shop</a>)
    @endif
</span>
@if ($caller?->person)
    <form method="post" action="{{ route('sign-out') }}" class="flex items-center gap-2">@csrf
        <span>{{ $caller->person->name }}, {{ $caller->role->value }}</span><button class="btn btn-small">Sign
            out</button></form>
@elseif ($caller?->tablet)
    <span>tablet “{{ $caller->tablet->name }}”</span>
@elseif (!$shop->is_demo)
    <span class="now">nobody owns this shop yet: <a href="{{ route('begin.show') }}">go on with the way in</a></span>
@endif
