{{-- What is brought to the stops of a frame: wants $picking, $bill, $units and $artwork. --}}
@if ($picking->items !== [])
    <section class="mt-6" aria-label="{{ __('artwork.picking.have_ready_in_this_order') }}">
        <h2 class="mb-1">{{ __('artwork.picking.have_ready_in_this_order') }}</h2>
        <table id="picking">
            <thead>
                <tr>
                    <th>{{ __('artwork.picking.stop') }}</th>
                    <th>{{ __('artwork.picking.item') }}</th>
                    <th>{{ __('artwork.picking.what_to_do') }}</th>
                    <th class="num">{{ __('artwork.picking.cut_to', ['units' => $units->label()]) }}</th>
                    <th class="num">{{ __('artwork.picking.for', [
                        'value' => max(1, $bill->frames),
                        'value_2' => $bill->frames > 1 ? __('artwork.picking.frames') : __('artwork.picking.frame'),
                    ]) }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($picking->items as $item)
                    <tr>
                        <td>{{ __('artwork.picking.after_block', ['block' => $item->block]) }}</td>
                        <td>
                            @if ($item->piece !== null)
                                @php $cloth = $bill->cloths[$item->piece]; @endphp
                                {{ __('artwork.picking.piece', [
                                    'value' => $cloth === null ? __('artwork.picking.cloth') : "{$cloth->code} {$cloth->name}",
                                    'piece' => $item->piece,
                                ]) }}
                                @if ($cloth?->fusible)
                                    <span class="block text-sm text-soft">{{ __('artwork.picking.fuse_web_to_the_back_iron') }}</span>
                                @elseif ($cloth)
                                    <span class="block text-sm text-soft">{{ __('artwork.picking.no_web_spray_lightly_in_the') }}</span>
                                @endif
                            @else
                                {{ $item->action->brings() }}
                                @if ($item->shape)
                                    {!! App\Artwork\Drawing\ClothDrawing::small($item->shape, null) !!}
                                @endif
                            @endif
                        </td>
                        <td>{{ $item->action->label() }}</td>
                        <td class="num">{{ $units->figure($item->widthMm, 1) }} ×
                            {{ $units->figure($item->heightMm, 1) }}</td>
                        <td class="num">{{ max(1, $bill->frames) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-because :about="__('artwork.picking.where_the_sizes_come_from')"><x-said key="artwork.picking.cloth_is_sized_by_its_shape">
            <x-slot:link><a href="/shop#trimmed_beyond_mm">{{ __('artwork.picking.trimming_allowance') }}</a></x-slot:link>
            <x-slot:link2><a
                href="{{ route('artwork.stops', $artwork) }}">{{ __('artwork.picking.stop_sheet') }}</a></x-slot:link2></x-said></x-because>
    </section>
@endif
