@use('App\Foundation\Words\Dates')
<x-layout station="floor" :title="__('floor.bench.hooping')" :floor="true">
    <x-slot:say>
        @if ($row === null)
            {{ __('floor.bench.nothing_to_hoop') }}
        @elseif ($row->when === 'now')
            <span class="now">{{ __('floor.bench.is_waiting_for', [
                'machine' => $row->machine,
                'code' => $row->batch->code,
                'size_label' => $row->sizeLabel(),
            ]) }}</span>
        @else
            {{ __('floor.bench.hoop_next', ['code' => $row->batch->code, 'size_label' => $row->sizeLabel()]) }}
        @endif
    </x-slot:say>
    <div class="mb-3 flex flex-wrap items-baseline gap-4">
        <h1>{{ __('floor.bench.hooping_bench') }}</h1>
        <a class="ms-auto" href="{{ route('floor.board') }}" data-key="v">{{ __('floor.bench.all_machines') }} <kbd>v</kbd></a>
        <a href="{{ route('floor.show') }}" data-key="b">{{ __('floor.bench.at_the_machine') }} <kbd>b</kbd></a>
    </div>
    @if ($row === null)
        <p class="note">{{ __('floor.bench.planned_pieces_that_are_not_hooped') }}</p>
    @else
        <div class="grid grid-cols-1 gap-6 md:grid-cols-[minmax(0,1fr)_minmax(0,2.1fr)]">
            <section aria-label="{{ __('floor.bench.how_to_hoop_it') }}" class="md:col-start-2 md:row-start-1">
                <h2>{{ __('floor.bench.on', [
                    'name' => $row->batch->design->name,
                    'garment' => $row->batch->setup->garment,
                    'position' => $row->batch->setup->position,
                ]) }}</h2>
                <p class="my-2 flex flex-wrap items-baseline gap-x-4"><span class="big">{{ $row->sizeLabel() }}</span>
                    @if ($row->place !== '')
                        <span class="text-xl font-semibold">{{ App\Foundation\Words\Words::capital($row->place) }}</span>
                    @endif
                </p>
                <div id="bench-drawing" class="my-3">@include('setup.draw.piece')</div>
                <p
                    class="text-base">{{ __('floor.bench.backing', ['backing' => $row->batch->setup->backing, 'value' => $row->batch->setup->topper
                    ? __('floor.bench.film_on_top') : '']) }}
                    @if ($row->cut)
                        {{ __('floor.bench.cut', ['cut_at' => Dates::dateTime($row->cut->cut_at), 'value' => $row->cut->who !== ''
                            ? ' '.__('floor.bench.by', ['who' => $row->cut->who]) : '']) }}
                    @else
                        <x-said key="floor.bench.not_cut_yet">
                            <x-slot:link><a
                                href="{{ route('setup.backing') }}">{{ __('floor.bench.which_stock_to_cut_from') }}</a></x-slot:link></x-said>
                    @endif
                </p>
                <p class="text-base text-soft">{{ __('floor.bench.planned_at_s_a_frame', [
                    'hoop_s' => $row->frame->hoopS,
                ]) }} <output
                        class="tabular-nums"
                        data-since data-says="{{ __('floor.bench.since_the_last_touch') }}"></output></p>
                @if ($row->isHoopable())
                    <form method="post" action="{{ route('floor.events', $row->machine) }}" class="mt-3">@csrf<input
                            type="hidden" name="id" value="{{ Str::uuid() }}"><input type="hidden" name="batch"
                            value="{{ $row->batch->code }}"><input type="hidden" name="kind" value="piece_hooped"><input
                            type="hidden" name="piece" value="{{ $row->pieces[0] }}"><input type="hidden"
                                name="at_bench"
                            value="1"><button type="submit" class="btn btn-main w-full"
                                data-key="h">{{ __('floor.bench.hooped_one') }}
                            <kbd>h</kbd></button></form>
                @else
                    <p class="note mt-3">{{ $row->frame->free === 0
                        ? __('floor.bench.every_is_in_use_hoop_this', ['code' => $row->frame->code])
                        : __('floor.bench.prepare_it_here_hoop_it_when') }}</p>
                @endif
                <x-wrong field="piece" />
                @if ($row->kept)
                    <div class="mt-4 flex flex-wrap items-baseline gap-3 text-base">
                        <span>{{ __('floor.bench.measured_on_this_size_was_it', ['value' => $row->kept->peg !== '' ? __('floor.bench.peg', [
                            'peg' => $row->kept->peg,
                        ]) : '', 'value_2' => $row->kept->who !== '' ? "{$row->kept->who}, "
                                : '', 'kept_at' => Dates::date($row->kept->kept_at)]) }}</span>
                        <form method="post" action="{{ route('floor.bench.right', $row->kept) }}">@csrf<button
                            type="submit"
                                class="btn btn-small"
                                    data-key="y">{{ __('floor.bench.right') }} <kbd>y</kbd></button></form>
                        <a class="btn btn-small"
                            href="{{ route('setup.show', ['decoration' => $row->batch->decorationId,
                                'size' => $row->size]) }}">{{ __('floor.bench.save_another_position') }}</a>
                    </div>
                @endif
            </section>
            <section aria-label="{{ __('floor.bench.to_hoop') }}" class="md:col-start-1 md:row-start-1">
                <ol>
                    @foreach ($bench->rows as $one)
                        @php $isThis = $one->batch->code === $row->batch->code && $one->size === $row->size; @endphp
                        <li class="border-b border-hair">
                            <a @class(['flex items-baseline gap-3 py-2 no-underline',
                                'border-s-[10px] border-ink bg-paper ps-3' => $isThis])
                                @if ($isThis) aria-current="true" @endif
                                href="{{ route('floor.bench', ['batch' => $one->batch->code,
                                    'size' => $one->size]) }}"><strong
                                    class="w-12">{{ $one->machine }}</strong><span
                                        class="flex-1 text-base">{{ $one->batch->code }}
                                    {{ $one->batch->setup->garment }}, <strong>{{ $one->sizeLabel() }}</strong><span
                                        class="block text-soft">{{ $one->frame->code }},
                                        {{ $one->frame->free === 0
                                            ? __('floor.bench.no_frame_free') : __('floor.bench.free', [
                                                'free' => $one->frame->free,
                                            ]) }}{{ $one->isOn
                                            ? ($one->when === '' ? __('floor.bench.enough_hooped') : '')
                                            : __('floor.bench.next_batch') }}</span></span><span
                                    class="big !text-2xl">{{ count($one->pieces) }}</span></a>
                        </li>
                    @endforeach
                </ol>
            </section>
        </div>
    @endif
</x-layout>
