@props(['change'])
<span class="text-sm text-soft">{{ __('common.change_kind.'.$change->kind) }}</span>
@if ($change->kind === 'order')
    <a href="{{ url('/orders/' . $change->thing) }}">{{ $change->thing }}</a>
@elseif ($change->kind === 'rule')
    <a href="{{ route('shop.show') }}#{{ $change->thing }}">{{ Lang::has("rules.{$change->thing}.label") ? __("rules.{$change->thing}.label") : $change->thing }}</a>
@elseif ($change->kind === 'setup')
    <a href="{{ url('/setup/' . $change->thing) }}">{{ __('common.change_table.its_setup') }}</a>
@else
    {{ Lang::has("common.change_thing.{$change->thing}") ? __("common.change_thing.{$change->thing}") : $change->thing }}
@endif
