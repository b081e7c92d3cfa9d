{{-- What is fitted to each piece by hand: wants $hardware, $artwork and $n. --}}
<section class="mt-6" aria-label="{{ __('artwork.hardware.hardware') }}">
    <h2 class="mb-1">{{ __('artwork.hardware.hardware') }}</h2>
    @if ($hardware === [])
        <p class="note"><x-said key="artwork.hardware.snaps_rings_hooks_and_zips_add">
            <x-slot:link><a href="{{ route('catalogue.show', 'hardware') }}">{{ __('artwork.hardware.catalogue') }}</a></x-slot:link></x-said></p>
    @else
        <form method="post" action="{{ route('artwork.hardware.keep', $artwork) }}">@csrf @method('put')
            <input type="hidden" name="seen" value="{{ $seenHardware }}">
            <table id="hardware">
                <thead>
                    <tr>
                        <th>{{ __('artwork.hardware.part') }}</th>
                        <th class="num">{{ __('artwork.hardware.each') }}</th>
                        <th class="num">{{ __('artwork.hardware.price') }}</th>
                        <th class="num">{{ __('artwork.hardware.for_open_orders') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($hardware as $one)
                        <tr>
                            <td><label for="hardware-{{ $one->hardware->id }}">{{ $one->hardware->code }}
                                    {{ $one->hardware->name }}</label></td>
                            <td class="num">
                                <input type="text" id="hardware-{{ $one->hardware->id }}" class="w-20 text-end"
                                    name="hardware[{{ $one->hardware->code }}]" inputmode="numeric"
                                    value="{{ old('hardware.'.$one->hardware->code, $one->each ?: '') }}">
                                <x-wrong :field="'hardware.'.$one->hardware->code" />
                            </td>
                            <td class="num">{{ Hakama\Money\Amount::plain($one->hardware->unit_cents) }}</td>
                            <td class="num">{{ $n($one->forOrders) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <x-wrong field="hardware" />
            <p class="mt-3 flex flex-wrap gap-2">
                <button type="submit" class="btn"
                    data-key="w">{{ __('artwork.hardware.save_hardware') }} <kbd>w</kbd></button>
                <a class="btn"
                    href="{{ route('catalogue.show', 'hardware') }}">{{ __('artwork.hardware.hardware_of_the_shop') }}</a>
            </p>
        </form>
    @endif
</section>
