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
<x-layout station="orders" :title="'Names, order ' . $order->number">
    <x-slot:say>
        @if ($lettering === null)
            One piece, one name: {{ $pieces->count() }} pieces wait for theirs.
        @elseif ($lettering->approved_at === null)
            <span class="now">The spelling is not approved yet: nothing of it is sewn before.</span>
        @else
            The spelling was approved by {{ $lettering->approved_by }},
            {{ $lettering->approved_at->format('j M, H:i') }}.
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>Names: {{ $decoration->line->garmentLabel() }}, {{ $decoration->positionLabel() }}</h1>
        <a class="ml-auto" href="{{ route('orders.show', $order) }}" data-key="b">Order {{ $order->number }}
            <kbd>b</kbd></a>
    </div>
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.7fr)]">
        <section aria-label="The list and its letters">
            <form method="post" action="{{ route('orders.names.keep', $decoration) }}" enctype="multipart/form-data"
                novalidate data-busy>@csrf @method('put')
                <input type="hidden" name="seen" value="{{ $seen }}">
                <label for="names">One name a line, with its size where there are sizes</label>
                <textarea id="names" name="names" rows="9" spellcheck="false" placeholder="Marlies; M&#10;Bo; L"
                    @error('names') aria-invalid="true" aria-describedby="wrong-names"
                        @enderror>{{ $value('names', $listed) }}</textarea>
                @foreach ($errors->get('names') as $problem)
                    <p class="now text-sm" @if ($loop->first) id="wrong-names" role="alert" @endif>
                        {{ $problem }}</p>
                @endforeach
                <div class="mt-2"><x-field name="list" label="or from a list (CSV)" type="file" accept=".csv,.txt" />
                </div>
                <fieldset class="mt-3">
                    <legend class="text-sm text-soft">Alphabet</legend>
                    @foreach (Hakama\Lettering\Alphabet::cases() as $alphabet)
                        <label class="m-0 mt-1 flex items-baseline gap-2"><input type="radio" name="alphabet"
                                value="{{ $alphabet->value }}" @checked($alphabetNow === $alphabet->value)>
                            <span><strong>{{ ucfirst($alphabet->label()) }}</strong> <span
                                class="text-sm text-soft">from
                                    {{ $n($rules->leastMm($alphabet), 1) }} mm:
                                    {{ $alphabet->meaning() }}</span></span></label>
                    @endforeach
                </fieldset>
                <x-wrong field="alphabet" />
                <div class="mt-3 grid grid-cols-3 gap-3">
                    <x-field name="height_mm" label="Capitals, mm high" :value="$lettering->height_mm ?? 10"
                        inputmode="decimal"
                        class="num" />
                    <x-field name="most_mm" label="At most, mm long" :value="$lettering->most_mm ?? 90"
                        inputmode="decimal"
                        class="num" />
                    <x-field name="arc_mm" label="Arc, mm radius" :value="$lettering->arc_mm ?? ''" inputmode="decimal"
                        placeholder="straight" class="num" />
                </div>
                <p class="text-sm text-soft">A name that is too long is narrowed, then made lower. A radius below zero
                    hangs the name under its arc.</p>
                @php
                    $onCap = $decoration->position === Hakama\Garment\Position::CapFront;
                    $outwards = $value('centre_out', $lettering->centre_out ?? $onCap);
                @endphp
                <label class="m-0 mt-2 flex items-baseline gap-2"><input type="hidden" name="centre_out"
                    value="0"><input
                        type="checkbox" name="centre_out" value="1" @checked($outwards)><span>From
                        the middle outwards <span class="text-sm text-soft">as a cap wants it: the slack is pushed
                            out</span></span></label>
                <div class="mt-3 grid grid-cols-2 gap-3">
                    <div><label for="thread">Thread</label><select id="thread" name="thread"
                            @error('thread') aria-invalid="true" aria-describedby="wrong-thread" @enderror>
                            <option value="">choose</option>
                            @foreach ($threads as $one)
                                <option value="{{ $one->code }}"
                                    @selected($value('thread', $thread?->code) === $one->code)>{{ $one->code }}
                                    {{ $one->name }}</option>
                            @endforeach
                        </select><x-wrong field="thread" /></div>
                    <div><label for="design_id">Under a design</label><select id="design_id" name="design_id">
                            <option value="">the name alone</option>
                            @foreach ($designs as $id => $name)
                                <option value="{{ $id }}" @selected($designNow === (string) $id)>{{ $name }}
                                </option>
                            @endforeach
                        </select><x-wrong field="design_id" /></div>
                </div>
                <div id="names-check" class="mt-3 min-h-12" role="status"
                    hx-post="{{ route('orders.names.check', $decoration) }}" hx-params="not _method"
                        hx-include="closest form"
                    hx-trigger="input from:closest form delay:500ms, load" hx-swap="innerHTML"></div>
                <button class="btn btn-main mt-2" data-key="s">Keep the names <kbd>s</kbd></button>
            </form>
        </section>
        <section aria-label="Each piece and its name">
            @if ($lettering === null)
                <p class="note">No piece has a name yet. Write the list; who gets which garment is worked out from the
                    sizes, in the order of the list.</p>
            @else
                @if ($lettering->approved_at === null)
                    <form method="post" action="{{ route('orders.names.approve', $decoration) }}"
                        class="note note-now mb-3 flex flex-wrap items-end gap-3">@csrf
                        <input type="hidden" name="seen" value="{{ $seen }}">
                        <p class="basis-full">Read every name as it will be sewn, letter by letter, against what the
                            customer wrote.</p>
                        <div><label for="who">Read by</label><select id="who" name="who">
                                <option value="">choose</option>
                                @foreach ($people as $name)
                                    <option value="{{ $name }}" @selected(old('who') === $name)>{{ $name }}
                                    </option>
                                @endforeach
                            </select><x-wrong field="who" /></div>
                        <button class="btn btn-now" data-key="g">Approve the spelling <kbd>g</kbd></button>
                    </form>
                @endif
                <div class="relative overflow-x-auto"><table>
                    <thead>
                        <tr>
                            <th>Piece</th>
                            <th>Name</th>
                            <th>As it is sewn</th>
                            <th class="num">mm long, high</th>
                            <th class="num">Stitches</th>
                            <th><span class="sr-only">Its tape</span></th>
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
                                            alt="{{ $piece->text }} in stitches"
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
                                            aria-label="Tape of {{ $piece->text }}">Tape</a>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <p class="mt-2 text-sm text-soft">On average {{ $n($average) }}
                    stitches a name: what the plan and the thread reckon with. On a machine with several heads one head
                    sews: every name is another.</p>
            @endif
        </section>
    </div>
</x-layout>
