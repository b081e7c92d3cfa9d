@use('App\Foundation\Words\Dates')
@php
    $n = static fn(float $v, int $places = 0) => App\Shop\Figure::words($v, $places);
    $value = static fn(string $field, mixed $kept) => old($field, $kept);
    $order = $decoration->line->order;
    $alphabetNow = $value('alphabet', $lettering->alphabet->value ?? 'block');
    $designNow = (string) $value('design_id', $lettering === null ? $decoration->artwork_id : $lettering->design_id);
    $average = $pieces->avg(static fn($piece) => $texts[$piece->text]->stitches ?? 0);
    $listed = $pieces
        ->filter(static fn($piece) => $piece->text !== null)
        ->map(static fn($piece) => $piece->size === 'one' ? $piece->text : "{$piece->text}; {$piece->size}")
        ->implode("\n");
@endphp
<x-layout station="orders" :title="__('orders.names.names_order', ['number' => $order->number])">
    <x-slot:say>
        @if ($lettering === null)
            {{ __('orders.names.one_piece_one_name_pieces_need', ['count' => $pieces->count()]) }}
        @elseif ($lettering->approved_at === null)
            <span class="now">{{ __('orders.names.the_spelling_is_not_approved_yet') }}</span>
        @else
            {{ __('orders.names.spelling_approved_by', [
                'approved_by' => $lettering->approved_by,
                'approved_at' => Dates::dateTime($lettering->approved_at),
            ]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('orders.names.names', [
            'garment_label' => $decoration->line->garmentLabel(),
            'position_label' => $decoration->positionLabel(),
        ]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.names.order', [
            'number' => $order->number,
        ]) }}
            <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
        <section aria-label="{{ __('orders.names.names_and_lettering') }}">
            <form method="post" action="{{ route('orders.names.keep', $decoration) }}" enctype="multipart/form-data"
                novalidate data-busy>@csrf @method('put')
                <input type="hidden" name="seen" value="{{ $seen }}">
                <label for="names">{{ __('orders.names.one_name_per_line_with_the') }}</label>
                <textarea id="names" name="names" rows="9" spellcheck="false" placeholder="{{ __('orders.names.marlies_m_bo_l') }}"
                    @error('names') aria-invalid="true" aria-describedby="wrong-names"
                        @enderror>{{ $value('names', $listed) }}</textarea>
                @foreach ($errors->get('names') as $problem)
                    <p class="now text-sm" @if ($loop->first) id="wrong-names" role="alert" @endif>
                        {{ $problem }}</p>
                @endforeach
                <div class="mt-2"><x-field name="list" :label="__('orders.names.or_from_a_list_csv')" type="file" accept=".csv,.txt" />
                </div>
                <fieldset class="mt-3">
                    <legend class="text-sm text-soft">{{ __('orders.names.alphabet') }}</legend>
                    @foreach (Hakama\Lettering\Alphabet::cases() as $alphabet)
                        <label class="m-0 mt-1 flex items-baseline gap-2"><input type="radio" name="alphabet"
                                value="{{ $alphabet->value }}" @checked($alphabetNow === $alphabet->value)>
                            <span><strong>{{ App\Foundation\Words\Words::capital($alphabet->label()) }}</strong> <span
                                class="text-sm text-soft">{{ __('orders.names.from_mm', [
                                    'least_mm' => $n($rules->leastMm($alphabet), 1),
                                    'meaning' => $alphabet->meaning(),
                                ]) }}</span></span></label>
                    @endforeach
                </fieldset>
                <x-wrong field="alphabet" />
                <div class="mt-3 grid grid-cols-3 gap-3">
                    <x-field name="height_mm" :label="__('orders.names.capital_height_mm')" :value="$lettering->height_mm ?? 10"
                        inputmode="decimal"
                        class="num" />
                    <x-field name="most_mm" :label="__('orders.names.longest_mm')" :value="$lettering->most_mm ?? 90"
                        inputmode="decimal"
                        class="num" />
                    <x-field name="arc_mm" :label="__('orders.names.arc_radius_mm')" :value="$lettering->arc_mm ?? ''" inputmode="decimal"
                        :placeholder="__('orders.names.straight')" class="num" />
                </div>
                <p class="text-sm text-soft">{{ __('orders.names.a_name_that_is_too_long') }}</p>
                @php
                    $onCap = $decoration->position === Hakama\Garment\Position::CapFront;
                    $outwards = $value('centre_out', $lettering->centre_out ?? $onCap);
                @endphp
                <label class="m-0 mt-2 flex items-baseline gap-2"><input type="hidden" name="centre_out"
                    value="0"><input
                        type="checkbox" name="centre_out" value="1" @checked($outwards)><span>{{ __('orders.names.from_the_centre_out') }} <span class="text-sm text-soft">{{ __('orders.names.as_caps_need_it_pushes_the') }}</span></span></label>
                <div class="mt-3 grid grid-cols-2 gap-3">
                    <div><label for="thread">{{ __('orders.names.thread') }}</label><select id="thread" name="thread"
                            @error('thread') aria-invalid="true" aria-describedby="wrong-thread" @enderror>
                            <option value="">{{ __('orders.names.choose') }}</option>
                            @foreach ($threads as $one)
                                <option value="{{ $one->code }}"
                                    @selected($value('thread', $thread?->code) === $one->code)>{{ $one->code }}
                                    {{ $one->name }}</option>
                            @endforeach
                        </select><x-wrong field="thread" /></div>
                    <div><label for="design_id">{{ __('orders.names.below_a_design') }}</label><select id="design_id" name="design_id">
                            <option value="">{{ __('orders.names.name_only') }}</option>
                            @foreach ($designs as $id => $name)
                                <option value="{{ $id }}" @selected($designNow === (string) $id)>{{ $name }}
                                </option>
                            @endforeach
                        </select><x-wrong field="design_id" /></div>
                </div>
                <div id="names-check" class="mt-3 min-h-12" role="status"
                    data-hx-post="{{ route('orders.names.check', $decoration) }}" data-hx-params="not _method"
                        data-hx-include="closest form"
                    data-hx-trigger="input from:closest form delay:500ms, load" data-hx-swap="innerHTML"></div>
                <button type="submit" class="btn btn-main mt-2"
                    data-key="s">{{ __('orders.names.save_names') }} <kbd>s</kbd></button>
            </form>
        </section>
        <section aria-label="{{ __('orders.names.each_piece_and_its_name') }}">
            @if ($lettering === null)
                <p class="note">{{ __('orders.names.no_names_yet_enter_the_list') }}</p>
            @else
                @if ($lettering->approved_at === null)
                    <form method="post" action="{{ route('orders.names.approve', $decoration) }}"
                        class="note note-now mb-3 flex flex-wrap items-end gap-3">@csrf
                        <input type="hidden" name="seen" value="{{ $seen }}">
                        <p class="basis-full">{{ __('orders.names.read_every_name_as_it_will') }}</p>
                        <div><label for="who">{{ __('orders.names.read_by') }}</label><select id="who" name="who">
                                <option value="">{{ __('orders.names.choose') }}</option>
                                @foreach ($people as $name)
                                    <option value="{{ $name }}" @selected(old('who') === $name)>{{ $name }}
                                    </option>
                                @endforeach
                            </select><x-wrong field="who" /></div>
                        <button type="submit" class="btn btn-now"
                            data-key="g">{{ __('orders.names.approve_the_spelling') }} <kbd>g</kbd></button>
                    </form>
                @endif
                <div class="relative overflow-x-auto"><table>
                    <thead>
                        <tr>
                            <th>{{ __('orders.names.piece') }}</th>
                            <th>{{ __('orders.names.name') }}</th>
                            <th>{{ __('orders.names.as_it_is_sewn') }}</th>
                            <th class="num">{{ __('orders.names.mm_long_high') }}</th>
                            <th class="num">{{ __('orders.names.stitches') }}</th>
                            <th><span class="sr-only">{{ __('orders.names.its_file') }}</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($pieces as $piece)
                            @php $text = $texts[$piece->text] ?? null; @endphp
                            <tr>
                                <td>{{ $piece->label() }}@if ($piece->state !== Hakama\Floor\PieceState::Waiting)
                                        <span class="text-sm text-soft">{{ $piece->state->value }}</span>
                                    @endif
                                </td>
                                <td class="spelling">{{ $piece->text }}</td>
                                <td>
                                    @if ($text)
                                        <img src="{{ route('orders.names.drawing',
                                            [$decoration, $text, 'v' => $seen]) }}"
                                            alt="{{ __('orders.names.in_stitches', ['text' => $piece->text]) }}"
                                                class="h-12 max-w-64 object-contain px-3"
                                            style="background-color: {{ $decoration->line->colour_hex }}"
                                                loading="lazy">
                                    @endif
                                </td>
                                <td class="num">
                                    {{ $text ? $n($text->width_mm, 1) . ', ' . $n($text->height_mm, 1) : '' }}</td>
                                <td class="num">{{ $text ? $n($text->stitches) : '' }}</td>
                                <td>
                                    @if ($text)
                                        <a href="{{ route('orders.names.tape', [$decoration, $text]) }}"
                                            aria-label="{{ __('orders.names.stitch_file_of', [
                                                'text' => $piece->text,
                                            ]) }}">{{ __('orders.names.stitch_file') }}</a>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <p class="mt-2 text-sm text-soft">{{ __('orders.names.stitches_a_name_on_average_used', [
                    'average' => $n($average),
                ]) }}</p>
            @endif
        </section>
    </div>
</x-layout>
