<x-layout station="orders" :title="__('orders.edit.change_order', ['number' => $order->number])">
    <x-slot:say>{{ __('orders.edit.started_and_sewn_pieces_stay_as') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('orders.edit.change_no', ['number' => $order->number]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.edit.back_to_the_order') }} <kbd>b</kbd></a>
    </div>
    <form method="post" action="{{ route('orders.change', $order) }}" novalidate>@csrf @method('put')
        <input type="hidden" name="seen" value="{{ $errors->has('seen') ? $seen : old('seen', $seen) }}">
        <x-wrong field="seen" />
        <div class="grid grid-cols-1 gap-4 sm:grid-cols-[2fr_2fr_1fr_1fr]">
            <x-field name="customer" :label="__('orders.edit.customer')" :value="$order->customer->name" maxlength="120" required />
            <x-field name="contact" :label="__('orders.edit.contact')" :value="$order->contact" maxlength="120" />
            <x-field name="due_date" :label="__('orders.edit.due_date')" type="date" :value="$order->due_at->format('Y-m-d')" required />
            <x-field name="due_time" :label="__('orders.edit.at')" type="time" :value="$order->due_at->format('H:i')" required />
        </div>
        <div class="mt-3"><x-field name="note" :label="__('orders.edit.note')" :value="$order->note" maxlength="500" /></div>
        <label class="check mt-3"><input type="checkbox" name="for_event" value="1"
                @checked($errors->any() ? old('for_event') : $order->for_event)> {{ __('orders.edit.for_an_event_useless_after_the') }}</label>
        <x-wrong field="sizes" />
        @foreach ($order->lines as $line)
            @php $isOne = array_keys($garments->wanted[$line->id] ?? ['one' => 0]) === ['one']; @endphp
            <fieldset class="mt-4 border-t border-hair pt-3">
                <legend class="font-head font-semibold"><x-swatch :hex="$line->colour_hex" />{{ $line->garmentLabel() }}
                </legend>
                <div class="flex flex-wrap gap-3">
                    @foreach (Hakama\Garment\Size::cases() as $size)
                        @continue(($size === Hakama\Garment\Size::One) !== $isOne)
                        @php $begun = $garments->begun[$line->id][$size->value] ?? 0; @endphp
                        <div class="w-20"><label
                                for="s-{{ $line->id }}-{{ $size->value }}">{{ $isOne
                                    ? __('orders.edit.quantity') : $size->label() }}</label><input type="text"
                                id="s-{{ $line->id }}-{{ $size->value }}" inputmode="numeric" class="num"
                                name="sizes[{{ $line->id }}][{{ $size->value }}]"
                                value="{{ old("sizes.{$line->id}.{$size->value}",
                                    $garments->wanted[$line->id][$size->value] ?? '') }}">
                            @if ($begun > 0)
                                <span class="text-sm text-soft">{{ __('orders.edit.started', [
                                    'begun' => $begun,
                                ]) }}</span>
                            @endif
                            <x-wrong :field="'sizes.' . $line->id . '.' . $size->value" />
                        </div>
                    @endforeach
                </div>
                <div class="mt-3 flex flex-wrap gap-3">
                    @php $at = "lines.{$line->id}"; @endphp
                    <x-field :name="$at . '.colour_name'" :label="__('orders.edit.colour_name')" :value="$line->colour_name"
                        maxlength="40" box="w-44" />
                    <x-field :name="$at . '.colour_hex'" :label="__('orders.edit.colour')" :value="$line->colour_hex" maxlength="7"
                        box="w-28" spellcheck="false" />
                    <x-field :name="$at . '.unit_value'" :label="__('orders.edit.garment_value')"
                        :value="$line->unit_value_cents === null
                            ? '' : number_format($line->unit_value_cents / 100, 2, '.', '')"
                        inputmode="decimal" class="num" box="w-40" :placeholder="__('orders.edit.from_the_catalogue')" />
                    <x-field :name="$at . '.spares'" :label="__('orders.edit.spares')" :value="$line->spares" inputmode="numeric"
                        class="num" box="w-20" />
                    @if ($line->patch_back !== null)
                        <div class="w-40"><label for="back-{{ $line->id }}">{{ __('orders.edit.patch_is') }}</label><select
                                id="back-{{ $line->id }}" name="lines[{{ $line->id }}][patch_back]">
                                @foreach (Hakama\Garment\PatchBack::cases() as $back)
                                    <option value="{{ $back->value }}"
                                        @selected(old("{$at}.patch_back",
                                            $line->patch_back->value) === $back->value)>{{ $back->label() }}</option>
                                @endforeach
                            </select></div>
                    @endif
                </div>
            </fieldset>
        @endforeach
        <p class="mt-3"><a href="{{ route('orders.more', $order) }}" data-key="a">{{ __('orders.edit.add_a_line') }} <kbd>a</kbd></a></p>
        <div class="mt-4" aria-live="polite" data-hx-get="{{ route('orders.foresee', $order) }}"
            data-hx-include="closest form"
            data-hx-trigger="change from:closest form delay:300ms" data-hx-swap="innerHTML"></div>
        <button type="submit" class="btn btn-main mt-2"
            data-key="s">{{ __('orders.edit.save_changes') }} <kbd>s</kbd></button>
    </form>
    @if ($order->cancelled_at === null)
        <section class="mt-10 border-t border-hair pt-4">
            <h2 class="mb-2">{{ __('orders.edit.cancel_order') }}</h2>
            <ul class="mb-3 list-disc ps-5">
                @foreach ($cancelling as $sentence)
                    <li>{{ $sentence }}</li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('orders.cancel', $order) }}" class="flex flex-wrap items-end gap-3">
                @csrf
                <x-field name="why_cancelled" :label="__('orders.edit.reason')" maxlength="150" box="w-96" />
                <button type="submit" class="btn">{{ __('orders.edit.cancel_the_order') }}</button>
            </form>
        </section>
    @endif
</x-layout>
