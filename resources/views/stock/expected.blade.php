@php $isMine = old('what') === $one->key && old('of') === $one->of; @endphp
@if ($said)
    <form method="post" action="{{ route('ordering.forget', $said) }}" class="flex flex-wrap items-center gap-2">@csrf @method('delete')
        <span @class(['now' => $said->expected_on->isPast() && ! $said->expected_on->isToday()])>{{ Dates::day($said->expected_on) }}</span>
        <button type="submit" class="btn btn-small">{{ __('stock.expected.not_any_more') }}<span class="sr-only">: {{ $one->what }}</span></button>
    </form>
@else
    <details @if ($isMine) open @endif><summary>{{ __('stock.expected.ordered') }}<span class="sr-only">: {{ $one->what }}</span></summary>
    <form method="post" action="{{ route('ordering.expect') }}" class="flex flex-wrap items-end gap-2">@csrf<input type="hidden"
            name="of" value="{{ $one->of }}"><input type="hidden" name="what" value="{{ $one->key }}">
        <x-field name="comes_on" :at="$loop->parent->index.'-'.$loop->index" :mine="$isMine" :label="__('stock.expected.comes_on')" type="date" />
        <button type="submit" class="btn btn-small">{{ __('stock.expected.save') }}<span class="sr-only">: {{ $one->what }}</span></button>
    </form></details>
@endif
