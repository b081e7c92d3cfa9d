<x-layout station="artwork" :title="$artwork->name">
    @php
        $n = static fn(float $value, int $digits = 0) => App\Shop\Figure::words($value, $digits);
        $bare = $artwork->blocks->whereNull('thread_id');
        $mark = substr(md5($artwork->checksum), 0, 8);
        $order = static fn(?float $r) => $r === null ? '' : ' (' . App\Shop\Figure::signed($r, 2) . ')';
    @endphp
    <x-slot:say>
        @if ($artwork->read_at === null)
            {{ __('artwork.show.is_being_read_you_can_leave', ['name' => $artwork->name]) }}
        @elseif ($bare->isNotEmpty())
            <span class="now">{{ __('artwork.show.choose_a_thread_for_block', [
                'implode' => App\Foundation\Words\Words::some($bare->pluck('number')->all(), 8),
            ]) }}</span>
        @else
            {{ __('artwork.show.has_all_its_threads_next_setup', ['name' => $artwork->name]) }}
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="show" />
    @if ($artwork->made !== '')
        <p class="mb-3 text-sm text-soft">{{ App\Foundation\Words\Words::capital(rtrim($artwork->made, '.')) }}.</p>
    @endif
    @if ($artwork->read_at === null)
        <p class="note" data-hx-get="{{ route('artwork.show', $artwork) }}" data-hx-trigger="every 2s"
            data-hx-target="body">
            {{ $artwork->refusal() ?? __('artwork.show.a_long_file_it_is_being') }}</p>
    @else
        <div class="grid grid-cols-1 gap-7 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
            <section aria-label="{{ __('artwork.show.stitch_player') }}"
                data-player="{{ json_encode([
                    'track' => route('artwork.track', [$artwork, 'v' => $mark . $trimJumps]),
                    'density' => route('artwork.density', [$artwork, 'v' => $mark]),
                    'colours' => $artwork->colours(),
                    'bounds' => [$artwork->left_mm, $artwork->right_mm, $artwork->bottom_mm, $artwork->top_mm],
                    'objects' => $artwork->objects ?? [],
                    'dense' => $dense,
                    'timeline' => route('artwork.timeline', [$artwork, 'v' => $mark]),
                ]) }}">
                <canvas class="weave block h-[384px] w-full touch-none border border-hair" role="img"
                    aria-label="{{ __('artwork.show.as_sewn_so_far_in_its', ['name' => $artwork->name]) }}"></canvas>
                <noscript><img class="weave block h-[384px] w-full border border-hair object-contain"
                        src="{{ route('artwork.drawing', [$artwork, 'v' => $mark]) }}" alt="{{ $artwork->name }}"></noscript>
                <p data-p="lost" class="wrong" role="alert" hidden>{{ __('artwork.show.the_stitches_did_not_load_reload') }}</p>
                <p data-p="scale" class="text-sm" hidden><span class="dense-scale"
                    aria-hidden="true"></span> {{ __('artwork.show.n_1_to_needle_points_per_mm2', ['dense' => $dense, 'densest' => $artwork->densest[0], 'seen_from' => (new Hakama\Stitch\Point($artwork->densest[1],
                        $artwork->densest[2]))->seenFrom(new Hakama\Stitch\Point(0, 0))]) }}</p>
                <label for="scrub" class="sr-only">{{ __('artwork.show.stitch') }}</label>
                <input id="scrub" data-p="scrub" type="range" min="0" max="{{ $artwork->stitches }}"
                    value="{{ $artwork->stitches }}" step="1" class="scrub">
                <div class="player">
                    <button type="submit" class="btn btn-small" data-do="first" data-key="Home" data-does="{{ __('artwork.show.to_the_first_stitch') }}"
                        title="{{ __('artwork.show.first_stitch_key_home') }}" aria-label="{{ __('artwork.show.to_the_first_stitch') }}">⇤</button>
                    <button type="submit" class="btn btn-small" data-do="back-stop" data-key="[" data-does="{{ __('artwork.show.back_to_the_previous_stop') }}"
                        aria-label="{{ __('artwork.show.back_to_the_previous_stop') }}">{{ __('artwork.show.stop') }} <kbd>[</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="back-block" data-key="," data-does="{{ __('artwork.show.back_a_block') }}"
                        aria-label="{{ __('artwork.show.back_a_block') }}">{{ __('artwork.show.block') }} <kbd>,</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="back" data-key="ArrowLeft"
                        data-does="{{ __('artwork.show.one_stitch_back') }}"
                        aria-label="{{ __('artwork.show.one_stitch_back') }}"><kbd class="!ms-0">←</kbd></button>
                    <button type="submit" class="btn btn-main" data-do="play" data-key="p"
                        data-does="{{ __('artwork.show.play_or_pause') }}"><span
                            data-p="play">{{ __('artwork.show.play') }}</span> <kbd>p</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="next" data-key="ArrowRight"
                        data-does="{{ __('artwork.show.one_stitch_on') }}"
                        aria-label="{{ __('artwork.show.one_stitch_on') }}"><kbd class="!ms-0">→</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="next-block" data-key="." data-does="{{ __('artwork.show.on_to_the_next_block') }}"
                        aria-label="{{ __('artwork.show.on_to_the_next_block') }}">{{ __('artwork.show.block') }} <kbd>.</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="next-stop" data-key="]" data-does="{{ __('artwork.show.on_to_the_next_stop') }}"
                        aria-label="{{ __('artwork.show.on_to_the_next_stop') }}">{{ __('artwork.show.stop') }} <kbd>]</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="last" data-key="End" data-does="{{ __('artwork.show.to_the_last_stitch') }}"
                        title="{{ __('artwork.show.last_stitch_key_end') }}"
                            aria-label="{{ __('artwork.show.to_the_last_stitch') }}">⇥</button>
                    <span class="ms-auto flex gap-2">
                        <button type="submit" class="btn btn-small" data-do="closer" data-key="+"
                            data-does="{{ __('artwork.show.zoom_in') }}"
                            aria-label="{{ __('artwork.show.zoom_in') }}"><kbd class="!ms-0">+</kbd></button>
                        <button type="submit" class="btn btn-small" data-do="away" data-key="-"
                            data-does="{{ __('artwork.show.zoom_out') }}"
                            aria-label="{{ __('artwork.show.zoom_out') }}"><kbd class="!ms-0">-</kbd></button>
                        <button type="submit" class="btn btn-small" data-do="whole" data-key="w"
                            data-does="{{ __('artwork.show.whole_design') }}">{{ __('artwork.show.whole') }}
                            <kbd>w</kbd></button>
                    </span>
                </div>
                <dl class="readout tabular-nums">
                    <div>
                        <dt>{{ __('artwork.show.stitch') }}</dt>
                        <dd><strong data-p="stitch">0</strong> {{ __('artwork.show.of_stitches') }} <span
                                data-p="of">{{ $n($artwork->stitches) }}</span></dd>
                    </div>
                    <div>
                        <dt>{{ __('artwork.show.block_2') }}</dt>
                        <dd data-p="block"></dd>
                    </div>
                    <div>
                        <dt>{{ __('artwork.show.sewn_after') }}</dt>
                        <dd data-p="clock"></dd>
                    </div>
                    <div>
                        <dt>{{ __('artwork.show.needle') }}</dt>
                        <dd data-p="place"></dd>
                    </div>
                    <div>
                        <dt>{{ __('artwork.show.this_stitch') }}</dt>
                        <dd data-p="length"></dd>
                    </div>
                </dl>
                <div class="player mt-2">
                    <button type="submit" class="btn btn-small" data-do="ways" data-key="j"
                        data-does="{{ __('artwork.show.show_jumps_and_trims') }}"
                        aria-pressed="true">{{ __('artwork.show.jumps_trims') }} <kbd>j</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="density" data-key="d"
                        data-does="{{ __('artwork.show.show_the_density') }}"
                        aria-pressed="false">{{ __('artwork.show.density') }} <kbd>d</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="order" data-key="o"
                        data-does="{{ __('artwork.show.number_the_objects_in_sewing_order') }}"
                            aria-pressed="false">{{ __('artwork.show.order') }}
                        <kbd>o</kbd></button>
                    <button type="submit" class="btn btn-small" data-do="measure" data-key="y"
                        data-does="{{ __('artwork.show.measure_the_smallest_letters') }}"
                            aria-pressed="false">{{ __('artwork.show.letters') }}
                        <kbd>y</kbd></button>
                    <span class="ms-auto flex items-center gap-2">
                        <label for="rate" class="sr-only">{{ __('artwork.show.playback_speed') }}</label>
                        <select id="rate" data-p="rate" data-key="r"
                            data-does="{{ __('artwork.show.choose_the_playback_speed') }}"
                            class="!w-auto !py-1">
                            <option value="20">{{ __('artwork.show.n_20_stitches_a_second') }}</option>
                            <option value="100">{{ __('artwork.show.n_100_a_second') }}</option>
                            <option value="500" selected>{{ __('artwork.show.n_500_a_second') }}</option>
                            <option value="2000">{{ __('artwork.show.n_2_000_a_second') }}</option>
                            <option value="10000">{{ __('artwork.show.n_10_000_a_second') }}</option>
                            <option value="real:1">{{ __('artwork.show.machine_speed') }}</option>
                            <option value="real:10">{{ __('artwork.show.machine_speed_x_10') }}</option>
                        </select>
                        <label for="spm" class="m-0 whitespace-nowrap">{{ __('artwork.show.at') }}</label><input
                            type="text" id="spm"
                            data-p="spm" inputmode="numeric" value="{{ $setSpm }}" class="num !w-20 !py-1"
                            aria-label="{{ __('artwork.show.machine_speed_spm') }}">
                    </span>
                </div>
                <form method="post" action="{{ route('artwork.letters', $artwork) }}" data-p="measured"
                    class="mt-2 flex flex-wrap items-end gap-3 border border-hair p-3" hidden>@csrf @method('PUT')
                    <p class="w-full text-sm" data-p="hint" aria-live="polite">{{ __('artwork.show.mark_two_points_the_foot_and') }}</p>
                    <div><label for="letter-mm">{{ __('artwork.show.letter_height_mm') }}</label><input type="text"
                        id="letter-mm" name="letter_mm"
                            inputmode="decimal" class="num !w-24" value="{{ old('letter_mm') }}"></div>
                    <div><label for="letter-block">{{ __('artwork.show.in_block') }}</label><select id="letter-block"
                        name="block">
                            @foreach ($artwork->blocks as $block)
                                <option @selected((int) old('block') === $block->number)>{{ $block->number }}</option>
                            @endforeach
                        </select></div>
                    <button type="submit" class="btn">{{ __('artwork.show.save') }}</button>
                    <p class="text-sm text-soft">{{ __('artwork.show.empty_no_lettering') }}</p>
                </form>
                <x-wrong field="letter_mm" />
                <p class="mt-1 text-sm text-soft">{{ __('artwork.show.open_square_start_filled_square_end') }}</p>
                <h2 class="mb-1 mt-5">{{ __('artwork.show.findings') }}</h2>
                @forelse ($findings as $finding)
                    <div class="border-b border-hair py-2">
                        <div class="flex items-start gap-3">
                            <p class="flex-1"><span
                                    class="text-sm text-soft">{{ $finding->code->label() }}</span><br>{{ $finding->message }}
                            </p>
                            @if ($finding->code === Hakama\Stitch\FindingCode::CapOrder)
                                <button type="submit" class="btn btn-small" data-do="order"
                                    aria-label="{{ __('artwork.show.number_the_objects_on_the_drawing') }}">{{ __('artwork.show.show_order') }}</button>
                            @elseif ($finding->spots !== [] || $finding->blocks !== [])
                                <button type="submit" class="btn btn-small" aria-pressed="false"
                                    data-spots="{{ json_encode(array_map(static fn($s) => [$s->at->x, $s->at->y,
                                        $s->stitch], $finding->spots)) }}"
                                    data-blocks="{{ json_encode($finding->blocks) }}"
                                    @if ($loop->first) data-key="f" @endif
                                    aria-label="{{ __('artwork.show.show_where', [
                                        'code' => $finding->code->label(),
                                    ]) }}">{{ __('artwork.show.show_where_2') }}</button>
                            @endif
                        </div>
                        <x-because :about="__('artwork.show.what_it_means')">{{ $finding->code->meaning() }}
                            {{ $finding->code->request($measuring) }}</x-because>
                    </div>
                @empty
                    <p class="text-soft">{{ __('artwork.show.nothing_unusual_in_this_file') }}</p>
                @endforelse
                @if ($note !== '')
                    <details class="mt-4" id="note">
                        <summary>{{ __('artwork.show.note_to_the_digitiser_ready_to') }}</summary>
                        <label for="letter" class="sr-only">{{ __('artwork.show.the_note') }}</label>
                        <textarea id="letter" rows="12" readonly class="mt-2 font-mono text-sm">{{ $note }}</textarea>
                        <p class="mt-2 flex gap-2"><button type="button" class="btn btn-small"
                                data-copy="letter">{{ __('artwork.show.copy_the_note') }}</button> <a class="btn btn-small"
                                href="{{ route('artwork.note', $artwork) }}">{{ __('artwork.show.download_as_text') }}</a></p>
                    </details>
                @endif
            </section>
            <section aria-label="{{ __('artwork.show.threads_and_figures') }}">
                <table>
                    <caption class="sr-only">{{ __('artwork.show.blocks_and_threads') }}</caption>
                    <thead>
                        <tr>
                            <th>{{ __('artwork.show.block_2') }}</th>
                            <th>{{ __('artwork.show.thread') }}</th>
                            <th class="num">{{ __('artwork.show.stitches') }}</th>
                            <th class="num">{{ __('artwork.show.top_thread_m') }}</th>
                            <th><span class="sr-only">{{ __('artwork.show.choose') }}</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($artwork->blocks as $block)
                            <tr data-block-row="{{ $block->number }}">
                                <td class="tabular-nums">{{ $block->number }}</td>
                                <td><x-swatch :hex="$block->thread?->hex" />
                                    @if ($block->thread)
                                        {{ $block->thread->code }}
                                        {{ $block->thread->name }}{{ $block->thread->weight !== 40
                                            ? __('artwork.show.wt', ['weight' => $block->thread->weight]) : '' }}
                                    @else
                                        <span class="now">{{ __('artwork.show.none_yet') }}</span>
                                    @endif
                                    @if ($block->letter_mm !== null)
                                        <span class="block text-sm text-soft">{{ __('artwork.show.letters_from_mm', [
                                            'letter_mm' => $n($block->letter_mm, 1),
                                        ]) }}</span>
                                    @endif
                                </td>
                                <td class="num">{{ $n($block->stitches) }}</td>
                                <td class="num">{{ $n($uses[$block->number]->topM, 1) }}</td>
                                <td class="num"><button type="submit" class="btn btn-small"
                                        data-hx-get="{{ route('artwork.suggest', [$artwork, $block->number]) }}"
                                        data-hx-target="#choose" data-hx-swap="innerHTML"
                                        @if ($loop->first) data-key="t"
                                            data-does="{{ __('artwork.show.choose_a_thread_for_the_first') }}" @endif
                                        aria-label="{{ __('artwork.show.choose_the_thread_for_block', [
                                            'number' => $block->number,
                                        ]) }}">{{ __('artwork.show.choose') }}</button>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <x-wrong field="thread" />
                <div id="choose" aria-live="polite"></div>
                <dl class="facts mt-5">
                    <dt>{{ __('artwork.show.stitches') }}</dt>
                    <dd>{{ $n($artwork->stitches) }}</dd>
                    <dt>{{ __('artwork.show.colour_changes_trims_jumps') }}</dt>
                    <dd>{{ $artwork->changes }}, {{ $artwork->trims }}, {{ $artwork->jumps }}</dd>
                    <dt>{{ __('artwork.show.size') }}</dt>
                    <dd>{{ $units->size($artwork->bounds()->width(),
                        $artwork->bounds()->height(), 1) }}</dd>
                    <dt>{{ __('artwork.show.longest_and_shortest_stitch') }}</dt>
                    <dd>{{ __('artwork.show.and_mm', [
                        'longest_mm' => $n($artwork->coreLengths()->longestMm(), 1),
                        'shortest_mm' => $n($artwork->coreLengths()->shortestMm(), 1),
                    ]) }}</dd>
                    <dt>{{ __('artwork.show.densest_spot') }}</dt>
                    <dd>{{ __('artwork.show.per_mm2', ['densest' => $artwork->densest[0]]) }}</dd>
                    <dt>{{ __('artwork.show.thread_per_piece') }}</dt>
                    <dd>{{ __('artwork.show.m_top_m_bobbin', [
                        'top_m' => $n($topM, 1),
                        'bobbin_m' => $n($bobbinM, 1),
                    ]) }}</dd>
                    <dt>{{ __('artwork.show.sewn_from_the_centre_out') }}</dt>
                    <dd>{{ __('artwork.verdict.'.$artwork->centre_out->value) }}{{ $order($artwork->against_distance) }}</dd>
                    <dt>{{ __('artwork.show.sewn_from_the_bottom_up') }}</dt>
                    <dd>{{ __('artwork.verdict.'.$artwork->bottom_up->value) }}{{ $order($artwork->against_height) }}</dd>
                </dl>
                <x-because :about="__('artwork.show.how_its_calculated')"><x-said
                    key="artwork.show.counted_from_the_stitches_not_from" :with="[
                    'objects' => count($artwork->objects ?? []),
                ]">
                    <x-slot:link><a
                        href="/shop#top_thread_per_length">{{ __('artwork.show.shop') }}</a></x-slot:link></x-said></x-because>
                <p class="mt-4 flex flex-wrap gap-2">
                    <a class="btn btn-small" href="{{ route('artwork.template', $artwork) }}"
                        data-key="a">{{ __('artwork.show.template') }} <kbd>a</kbd></a>
                    <a class="btn btn-small"
                        href="{{ route('artwork.tape', $artwork) }}">{{ __('artwork.show.stitch_file') }}</a>
                    <a class="btn btn-small"
                        href="{{ route('artwork.drawing', [$artwork, 'download' => 1]) }}">{{ __('artwork.show.drawing') }}</a>
                </p>
                @if ($family->count() > 1)
                    <p class="mt-4 text-sm">{{ __('artwork.show.versions') }} @foreach ($family as $one)
                            @if ($one->id === $artwork->id)
                            <strong>{{ $one->name }}</strong>@else<a
                                    href="{{ route('artwork.show', $one) }}">{{ $one->name }}</a>
                            @endif
                            <span class="text-soft">
                                , {{ $one->variantLabel() }}</span>{{ $loop->last ? '.' : '; ' }}
                        @endforeach
                    </p>
                @endif
                @if ($ordered->isNotEmpty())
                    <p class="mt-4 text-sm">{{ __('artwork.show.in_orders') }} @foreach ($ordered as $number)
                            <a
                                href="{{ route('orders.show', $number) }}">{{ $number }}</a>{{ $loop->last
                                    ? '.' : ', ' }}
                        @endforeach
                    </p>
                @endif
            </section>
        </div>
    @endif
</x-layout>
