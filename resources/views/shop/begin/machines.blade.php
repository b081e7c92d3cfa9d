@if ($machines->isNotEmpty())
    <p class="note mb-4"><x-said key="shop.begin_machines.pair_controllers_at_without_one_log" :with="[
        'implode' => $machines->map(fn($m) => __('shop.begin_machines.machine', [
            'code' => $m->code, 'name' => $m->name, 'needles' => $m->needles,
        ]))->implode('; '),
    ]">
        <x-slot:link><a href="{{ route('machines.show') }}">{{ __('shop.begin_machines.shop_machines') }}</a></x-slot:link></x-said></p>
@endif
@include('machine.machine-form', ['another' => 'machines'])
