@php
    $at = static fn (int $s) => App\Shop\ShopClock::time($s);
    $load = collect($placed->needles->load)->keyBy('needle');
@endphp
<x-layout station="needles" :title="'Needle card '.$batch->code">
    <x-slot:say>For the rack of {{ $placed->machine }} as it will stand {{ $at($placed->start())->format('D H:i') }}. If the plan changes, print it anew.</x-slot:say>
    <div class="noprint mb-4 flex items-baseline gap-4"><h1>Needle card</h1><button type="button" class="btn btn-main ml-auto" data-print data-key="p">Print it <kbd>p</kbd></button><a class="btn" href="{{ route('needles.show', $placed->machine) }}" data-key="b">Back <kbd>b</kbd></a></div>
    <article class="paper">
        <header class="flex items-baseline gap-4 border-b-2 border-ink pb-1"><strong class="text-lg">{{ $batch->code }} {{ $batch->artwork }}</strong><span class="ml-auto">{{ $placed->machine }}, set-up {{ $at($placed->setupStart)->format('D j M H:i') }}, no. {{ $batch->orderNumber }}</span></header>
        <p class="my-1">{{ $batch->left }} × {{ $batch->garment }}, {{ $batch->position }}, frame {{ $batch->frame }}{{ $batch->turnDeg ? ", turned {$batch->turnDeg}°" : '' }}; needle {{ $batch->needle }}, {{ $batch->speedSpm }} stitches a minute.</p>
        <table class="w-full">
            <thead><tr><th class="num">Block</th><th>Thread</th><th class="num">Needle</th><th class="num">Stitches</th><th>At its stop</th></tr></thead>
            <tbody>@foreach ($sheet->steps as $i => $step)
                @php $needle = $placed->needles->order[$i]; $code = $batch->threads[$i]; @endphp
                <tr><td class="num">{{ $step->block }}</td><td><x-swatch :hex="$batch->colours[$i]" />{{ $code }} {{ $threads[$code]?->name }}</td><td class="num"><strong class="text-lg">{{ $needle }}</strong>{{ isset($load[$needle]) && $load[$needle]->to === $code ? ' load it' : '' }}</td><td class="num">{{ $step->from }} to {{ $step->to }}</td><td>{{ $step->action?->label() ?? 'ends' }}{{ $step->halts() ? ' (halt)' : '' }}{{ $step->note === '' ? '' : ', '.$step->note }}</td></tr>
            @endforeach</tbody>
        </table>
        @if ($placed->needles->load !== [])<p class="mt-2"><strong>To load before:</strong> @foreach ($placed->needles->load as $change)needle {{ $change->needle }}{{ $change->from === null ? '' : ', take off '.$change->from }}, load {{ $change->to }} {{ $threads[$change->to]?->name }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>@else<p class="mt-2">Every thread is on its needle.</p>@endif
        @if ($placed->refit > 0)<p class="mt-1"><strong>Fit {{ $batch->needle }}</strong> on the needles of this card: another size or point is on them.</p>@endif
        <p class="cautions mt-2">Read each code as it goes on the needle: what the machine keeps from the last job is wrong. Stop before reaching in.</p>
    </article>
</x-layout>
