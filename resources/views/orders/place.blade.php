<div>
    <label for="l{{ $i }}-p{{ $j }}">{{ $j === 0 ? __('orders.place.position') : __('orders.place.and_also') }}</label>
    <select id="l{{ $i }}-p{{ $j }}"
        name="lines[{{ $i }}][decorations][{{ $j }}][position]">
        @if ($j > 0)
            <option value="">{{ __('orders.place.nowhere_else') }}</option>
        @endif
        @foreach (Hakama\Garment\Position::cases() as $case)
            <option value="{{ $case->value }}"
                @selected($o("decorations.{$j}.position") === $case->value)>{{ $case->label() }}</option>
        @endforeach
    </select>
    <x-wrong :field="'lines.' . $i . '.decorations.' . $j . '.position'" />
</div>
<div data-art-drop="{{ route('artwork.store') }}">
    <label for="l{{ $i }}-a{{ $j }}">{{ __('orders.place.artwork') }}</label>
    <select id="l{{ $i }}-a{{ $j }}"
        name="lines[{{ $i }}][decorations][{{ $j }}][artwork_id]">
        <option value="">{{ __('orders.place.to_follow') }}</option>
        @foreach ($artworks as $id => $name)
            <option value="{{ $id }}" @selected((string) $o("decorations.{$j}.artwork_id") === (string) $id)>{{ $name }}</option>
        @endforeach
    </select>
    <x-wrong :field="'lines.' . $i . '.decorations.' . $j . '.artwork_id'" />
    <label class="scripted m-0 mt-1 cursor-pointer text-sm underline decoration-dotted underline-offset-4">{{ __('orders.place.choose_a_file') }}
        <input type="file" accept=".dst,.svg" class="sr-only" data-most="{{ config('shop.tape_bytes') }}"></label>
    <output class="block text-sm" aria-live="polite"></output>
    <label class="m-0 mt-1 flex items-center gap-2"><input type="checkbox" class="h-5 w-5" value="1"
            name="lines[{{ $i }}][decorations][{{ $j }}][named]" @checked($o("decorations.{$j}.named"))> {{ __('orders.place.a_name_on_each') }}</label>
</div>
