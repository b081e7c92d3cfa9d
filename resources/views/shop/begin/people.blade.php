@if ($people !== [])
    <p class="note mb-4"><x-said key="shop.begin_people.passwords_pins_and_tablets" :with="[
        'value' => implode(', ', $people),
    ]"><x-slot:link><a
            href="{{ route('people.show') }}">{{ __('shop.begin_people.shop_people') }}</a></x-slot:link></x-said></p>
@endif
@include('people.add-form')
