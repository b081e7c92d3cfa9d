@use('App\Foundation\Words\Words')
@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('shop.machine_machines.machines')">
    <x-slot:say>{{ __('shop.machine_machines.machines_controller_access_and_machines_out') }}</x-slot:say>
    <x-shop-tabs here="machines" :title="__('shop.machine_machines.machines')" />
    @if (session('code'))
        <div class="note mb-4" role="status">
            <p><x-said key="shop.machine_machines.on_the_controller_of_enter_the" :with="[
                'value' => session('for'),
            ]"><x-slot:strong><strong>{{ url('/machines/pair') }}</strong></x-slot:strong></x-said></p>
            <p class="my-1 text-xl font-semibold tracking-widest">{{ session('code') }}</p>
            <p class="text-sm">{{ __('shop.machine_machines.it_works_once_within_a_quarter') }}</p>
        </div>
    @endif
    @if ($machines->isEmpty())
        <p class="note mb-4">{{ __('shop.machine_machines.no_machine_yet_add_the_first') }}</p>
    @else
        <table class="mb-6">
            <thead>
                <tr>
                    <th>{{ __('shop.machine_machines.machine') }}</th>
                    <th class="num">{{ __('shop.machine_machines.heads') }}</th>
                    <th class="num">{{ __('shop.machine_machines.needles') }}</th>
                    <th class="num">{{ __('shop.machine_machines.top_spm') }}</th>
                    <th>{{ __('shop.machine_machines.drivers') }}</th>
                    <th>{{ __('shop.machine_machines.floor_page') }}</th>
                    <th>{{ __('shop.machine_machines.controller') }}</th>
                    <th><span class="sr-only">{{ __('shop.machine_machines.status') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($machines as $machine)
                    <tr>
                        <td><strong>{{ $machine->code }}</strong> {{ $machine->name }}
                            @if ($machine->retired_at)
                                <span class="block text-sm text-soft">{{ __('shop.machine_machines.out_of_use_since', [
                                    'retired_at' => Dates::dateYear($machine->retired_at),
                                ]) }}</span>
                            @endif
                        </td>
                        <td class="num">{{ $machine->heads }}
                            @if ($machine->heads_out)
                                <span class="block text-sm text-soft">{{ __('plan.chart.heads_out', [
                                    'count' => count($machine->heads_out), 'heads' => $machine->headsOut(),
                                ]) }}</span>
                            @endif
                        </td>
                        <td class="num">{{ $machine->needles }}<span class="block text-sm text-soft">{{ __('shop.machine_machines.counts_from_the', [
                            'counts_from' => __('shop.side.'.$machine->counts_from),
                        ]) }}</span></td>
                        <td class="num">{{ $machine->top_spm }}</td>
                        <td>{{ implode(', ', array_map(static fn(string $one) => Words::say(Hakama\Machine\Driver::from($one)->label()), $machine->drivers)) }}</td>
                        <td>
                            @unless ($machine->retired_at)
                                <a href="{{ route('floor.show', $machine) }}">{{ __('shop.machine_machines.floor', [
                                    'code' => $machine->code,
                                ]) }}</a>
                            @endunless
                        </td>
                        <td>
                            @unless ($machine->retired_at)
                                <div class="flex flex-wrap items-center gap-2"><span
                                        class="text-sm">{{ $machine->paired_at
                                            ? __('shop.machine_machines.paired', [
                                                'paired_at' => Dates::dateTime($machine->paired_at),
                                            ])
                                            : __('shop.machine_machines.not_paired') }}</span>
                                    <form method="post" action="{{ route('machines.code', $machine) }}">@csrf<button
                                        type="submit"
                                            class="btn btn-small">{{ __('shop.machine_machines.show_code') }}<span
                                                class="sr-only"> {{ __('shop.machine_machines.for', [
                                                'code' => $machine->code,
                                            ]) }}</span></button></form>
                                    @if ($machine->paired_at)
                                        <form method="post" action="{{ route('machines.revoke', $machine) }}">@csrf
                                            @method('delete')<button type="submit"
                                                class="btn btn-small">{{ __('shop.machine_machines.disconnect') }}<span
                                                    class="sr-only">{{ __('shop.machine_machines.controller_of', [
                                                        'code' => $machine->code,
                                                    ]) }}</span></button>
                                        </form>
                                    @endif
                                </div>
                            @endunless
                        </td>
                        <td class="num">
                            <form method="post" action="{{ route('machines.retire', $machine) }}">@csrf<input
                                    type="hidden" name="gone" value="{{ (int) ! $machine->retired_at }}"><button
                                        type="submit"
                                    class="btn btn-small">{{ $machine->retired_at
                                        ? __('shop.machine_machines.use_again') : __('shop.machine_machines.take_out_of_use') }}<span
                                        class="sr-only">: {{ $machine->code }}</span></button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <p class="mb-6 text-sm text-soft"><x-said key="shop.machine_machines.arm_width_gap_under_the_carriage">
        <x-slot:link><a
            href="{{ route('catalogue.show', 'machines') }}">{{ __('shop.machine_machines.machine_catalogue') }}</a></x-slot:link></x-said></p>
    <h2 class="mb-2">{{ __('shop.machine_machines.add_a_machine') }}</h2>
    @include('machine.machine-form')
</x-layout>
