{{-- What is fitted to each piece by hand: wants $hardware, $artwork and $n. --}}
<section class="mt-6" aria-label="Hardware">
    <h2 class="mb-1">Hardware</h2>
    @if ($hardware === [])
        <p class="note">Snaps, rings, hooks and zips: add them to the
            <a href="{{ route('catalogue.show', 'hardware') }}">catalogue</a>, then enter how many each piece takes.</p>
    @else
        <form method="post" action="{{ route('artwork.hardware.keep', $artwork) }}">@csrf @method('put')
            <table id="hardware">
                <thead>
                    <tr>
                        <th>Part</th>
                        <th class="num">Each</th>
                        <th class="num">Price</th>
                        <th class="num">For open orders</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($hardware as $one)
                        <tr>
                            <td><label for="hardware-{{ $one->hardware->id }}">{{ $one->hardware->code }}
                                    {{ $one->hardware->name }}</label></td>
                            <td class="num">
                                <input id="hardware-{{ $one->hardware->id }}" class="w-20 text-right"
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
                <button class="btn" data-key="w">Save hardware <kbd>w</kbd></button>
                <a class="btn" href="{{ route('catalogue.show', 'hardware') }}">Hardware of the shop</a>
            </p>
        </form>
    @endif
</section>
