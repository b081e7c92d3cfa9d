{{-- Lines that are ticked one by one before the machine may sew. --}}
@foreach ($steps as $step)
    <label class="check"><input type="checkbox" name="checked[]"
            value="{{ $step->code }}" @checked(in_array($step->code, old('checked', []),
                true))
            @if ($keys[$step->code] !== '') data-key="{{ $keys[$step->code] }}"
                data-does="{{ $step->text }}" @endif><span
            class="flex-1 text-base leading-snug">{{ $step->text }}</span>@if ($keys[$step->code] !== '')<kbd>{{ $keys[$step->code] }}</kbd>@endif</label>
@endforeach
