@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $cloth = $decoration->line->colour_hex;
    $ownSign = substr(md5($artwork->checksum . $own->pluck('hex')->implode(',')), 0, 8);
@endphp
<x-layout station="orders" :title="__('orders.colours.colours_order', ['number' => $decoration->line->order->number])">
    <x-slot:say>
        @if ($onCloth->hidden !== [])
            <span class="now">{{ __('orders.colours.block_hardly_show_on_this_cloth', [
                'value' => implode(', ', $onCloth->hidden),
                'hidden' => count($onCloth->hidden),
            ]) }}</span>
        @else
            {{ __('orders.colours.every_thread_shows_on', ['colour_name' => $decoration->line->colour_name]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('orders.colours.colours_on', [
            'name' => $artwork->name,
            'garment_label' => $decoration->line->garmentLabel(),
        ]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $decoration->line->order) }}" data-key="b">{{ __('orders.colours.order', [
            'number' => $decoration->line->order->number,
        ]) }} <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
        <section aria-label="{{ __('orders.colours.on_the_cloth') }}">
            <div class="grid grid-cols-2 gap-4">
                <figure class="m-0">
                    <div class="flex h-72 items-center justify-center p-5" style="background-color: {{ $cloth }}">
                        <img class="max-h-full max-w-full" alt="{{ __('orders.colours.in_its_own_threads_on_this', [
                            'name' => $artwork->name,
                        ]) }}"
                            src="{{ route('artwork.drawing', [$artwork, 'v' => $ownSign]) }}">
                    </div>
                    <figcaption class="mt-1 text-sm text-soft">{{ __('orders.colours.as_in_the_artwork', ['value' => $before->hidden === [] ? ''
                            : __('orders.colours.block_hardly_shows', ['value' => implode(', ', $before->hidden)])]) }}
                    </figcaption>
                </figure>
                <figure class="m-0">
                    <div class="flex h-72 items-center justify-center p-5" style="background-color: {{ $cloth }}">
                        <img class="max-h-full max-w-full" alt="{{ __('orders.colours.as_sewn_on_this_line', [
                            'name' => $artwork->name,
                        ]) }}"
                            src="{{ route('orders.colours.drawing', [$decoration, 'v' => $sign]) }}">
                    </div>
                    <figcaption class="mt-1 text-sm text-soft">
                        {{ $ways === [] ? __('orders.colours.on_this_line_the_same') : __('orders.colours.on_this_line') }}</figcaption>
                </figure>
            </div>
        </section>
        <form method="post" action="{{ route('orders.colours', $decoration) }}">@csrf @method('put')
            <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
            <x-wrong field="seen" />
            <table>
                <thead>
                    <tr>
                        <th>{{ __('orders.colours.block') }}</th>
                        <th>{{ __('orders.colours.its_own') }}</th>
                        <th>{{ __('orders.colours.on_this_line') }}</th>
                        <th class="num">{{ __('orders.colours.contrast') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($artwork->blocks as $i => $block)
                        @php $delta = $onCloth->apart[$i]; @endphp
                        <tr>
                            <td>{{ $block->number }}</td>
                            <td><x-swatch :hex="$block->thread?->hex" />{{ $block->thread?->code ?? __('orders.colours.none_yet') }}</td>
                            <td><label class="sr-only" for="block-{{ $block->number }}">{{ __('orders.colours.thread_of_block', [
                                'number' => $block->number,
                            ]) }}</label>
                                <span class="flex items-center gap-2"><x-swatch :hex="$here[$i]?->hex" />
                                    <select id="block-{{ $block->number }}" name="blocks[{{ $block->number }}]"
                                        @if ($loop->first) data-key="c" data-does="{{ __('orders.colours.choose_the_first_thread') }}" @endif>
                                        @if ($here[$i] === null)
                                            <option value="">{{ __('orders.colours.none_yet') }}</option>
                                        @endif
                                        @foreach ($threads as $thread)
                                            <option value="{{ $thread->code }}"
                                                @selected(old("blocks.{$block->number}",
                                                    $here[$i]?->code) === $thread->code)>
                                                {{ $thread->code }} {{ $thread->name }}</option>
                                        @endforeach
                                    </select></span>
                                <x-wrong :field="'blocks.' . $block->number" />
                            </td>
                            <td @class(['num', 'now' => in_array($i + 1, $onCloth->hidden, true)])>
                                {{ $delta === null ? '' : $n($delta, 1) }}@if (in_array($i + 1, $onCloth->hidden, true))
                                    <span class="block text-sm">{{ __('orders.colours.hardly_shows') }}</span>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="mt-4"><button type="submit" class="btn btn-main" data-key="s">{{ __('orders.colours.save_colours') }} <kbd>s</kbd></button></p>
            <x-because :about="__('orders.colours.what_the_figures_mean')"><x-said key="orders.colours.difference_between_thread_and" :with="[
                'shows' => $n($shows),
            ]">
                <x-slot:link><a href="/shop#thread_shows_delta_e">{{ __('orders.colours.house_rule') }}</a></x-slot:link></x-said></x-because>
        </form>
    </div>
</x-layout>
