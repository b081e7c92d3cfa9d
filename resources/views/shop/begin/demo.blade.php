<x-layout station="shop" :title="__('shop.begin_demo.set_up_your_own_shop')">
    <x-slot:say>{{ __('shop.begin_demo.this_is_the_demo_take_your') }}</x-slot:say>
    <h1 class="mb-4">{{ __('shop.begin_demo.your_shop_instead_of_the_demo') }}</h1>
    <form method="post" action="{{ route('begin.clear') }}" class="grid max-w-[44em] gap-4">@csrf
        <p>{{ __('shop.begin_demo.demo_orders_artworks_people_plan_and') }}</p>
        <fieldset class="grid gap-1">
            <legend class="sr-only">{{ __('shop.begin_demo.keep') }}</legend>
            @foreach (App\Shop\Http\Requests\ClearDemo::KEEPS as $what)
                <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="checkbox" name="keep[]"
                        value="{{ $what }}" @checked(in_array($what, old('keep', ['garments', 'frames']), true))>
                    {{ App\Shop\Http\Requests\ClearDemo::words($what) }}</label>
            @endforeach
        </fieldset>
        <x-wrong field="keep" />
        <x-field name="word" :label="__('shop.begin_demo.type', [
            'word' => __('shop.clear_demo.word'),
        ])" autocomplete="off" box="max-w-xs" />
        <div class="flex gap-4"><button type="submit" class="btn btn-main">{{ __('shop.begin_demo.clear_the_demo_and_start') }}</button><a class="btn"
                href="{{ route('orders.index') }}">{{ __('shop.begin_demo.stay_with_the_demo') }}</a></div>
    </form>
</x-layout>
