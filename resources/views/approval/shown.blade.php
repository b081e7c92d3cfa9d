{{-- What was drawn up for the customer, as it is kept. --}}
@foreach ($shown->lines as $line)
    <section class="mb-8">
        <h2 class="mb-2"><x-swatch :hex="$line['hex']" />{{ $line['garment'] }} <span
                class="font-sans text-base font-normal text-soft">{{ $line['sizes'] }}</span></h2>
        @foreach ($line['places'] as $place)
            <div class="mb-4 grid gap-5 border border-hair bg-paper p-4 sm:grid-cols-2">
                <div>
                    @if ($place['design'] === '')
                        <p class="text-soft">{{ __('approval.page.artwork_to_follow') }}</p>
                    @endif
                    @if ($place['drawing'] !== '')
                        <img class="max-h-96 w-full object-contain" src="data:image/svg+xml;base64,{{ base64_encode($place['drawing']) }}"
                            alt="{{ __('approval.page.on_garment', [
                                'artwork' => $place['artwork'],
                                'place' => $place['place'],
                                'garment' => $line['garment'],
                            ]) }}">
                    @endif
                </div>
                <div>
                    <h3 class="mb-1 text-lg">{{ $place['artwork'] }}</h3>
                    <p class="mb-3">{{ $place['place'] }}{{ $place['size'] === '' ? '' : ', '.$place['size'] }}</p>
                    @if ($place['design'] !== '')
                        <div class="mb-3 flex h-40 items-center justify-center border border-hair p-2" style="background: {{ $line['hex'] }}"><img
                                class="max-h-full max-w-full" src="data:image/svg+xml;base64,{{ base64_encode($place['design']) }}"
                                alt="{{ __('approval.page.close', ['artwork' => $place['artwork']]) }}"></div>
                    @endif
                    @if ($place['threads'] !== [])
                        <h4 class="mb-1 font-semibold">{{ __('approval.page.threads') }}</h4>
                        <ul class="mb-3">
                            @foreach (collect($place['threads'])->unique('code') as $thread)
                                <li><x-swatch :hex="$thread['hex']" />{{ trim("{$thread['name']} {$thread['code']}") }}</li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($place['names'] !== [])
                        <h4 class="mb-1 font-semibold">{{ __('approval.page.names') }}</h4>
                        <ol class="list-decimal ps-6">
                            @foreach ($place['names'] as $name)
                                <li class="break-words">{{ $name }}</li>
                            @endforeach
                        </ol>
                    @endif
                </div>
            </div>
        @endforeach
    </section>
@endforeach
<dl class="mb-8 grid max-w-md grid-cols-2 gap-x-6 gap-y-1">
    @if ($shown->price === null)
        <dt>{{ __('approval.page.price') }}</dt>
        <dd class="text-end">{{ __('approval.page.no_price') }}</dd>
    @else
        @if ($shown->price['tax_cents'] !== 0)
            <dt>{{ __('approval.page.net') }}</dt>
            <dd class="num text-end">{{ App\Shop\Figure::words($shown->price['cents'] / 100, 2) }} {{ $shown->currency }}</dd>
            <dt>{{ __('approval.page.tax', ['percent' => round($shown->price['tax_percent'], 2)]) }}</dt>
            <dd class="num text-end">{{ App\Shop\Figure::words($shown->price['tax_cents'] / 100, 2) }} {{ $shown->currency }}</dd>
        @endif
        <dt class="font-semibold">{{ __('approval.page.total') }}</dt>
        <dd class="num text-end font-semibold">{{ App\Shop\Figure::words(($shown->price['cents'] + $shown->price['tax_cents']) / 100, 2) }}
            {{ $shown->currency }}</dd>
    @endif
    <dt>{{ __('approval.page.ready_by') }}</dt>
    <dd class="text-end">{{ $shown->due }}</dd>
</dl>
