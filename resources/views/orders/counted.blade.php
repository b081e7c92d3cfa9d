@php $missing = $count->missing(); @endphp
<p class="font-head text-[28px] font-semibold tabular-nums">{{ __('common.counts.of', [
    'some' => $count->counted(),
    'all' => $count->ordered(),
]) }}</p>
@if ($said !== null)
    <p @class(['note mb-3', 'note-now' => ! $isNew]) role="status">{{ $said }}</p>
@endif
@if ($count->counted() === $count->ordered())
    <p class="good"><strong>{{ __('orders.counted.all_counted') }}</strong></p>
@elseif ($missing->isEmpty())
    <p>{{ __('orders.counted.still_to_come', [
        'value' => $count->counted() === 0 ? __('orders.counted.nothing_is_ready_yet') : __('orders.counted.everything_ready_is_counted'),
        'behind' => $count->behind(),
    ]) }}</p>
@else
    <h2 class="mb-1 mt-3">{{ __('orders.counted.ready_not_counted') }}</h2>
    <table class="text-base">
        <tbody>
            @foreach ($missing->take(40) as $piece)
                <tr>
                    <td>{{ Hakama\Floor\Tag::of($piece->id)->code() }}</td>
                    <td>{{ $piece->decoration->line->garmentLabel() }}, {{ $piece->decoration->positionLabel() }}</td>
                    <td>{{ $piece->label() }}{{ $piece->text === null ? '' : ", {$piece->text}" }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($missing->count() > 40)
        <p>{{ __('orders.counted.and_more', ['count' => $missing->count() - 40]) }}</p>
    @endif
    @if ($count->behind() > 0)
        <p class="mt-2 text-soft">{{ __('orders.counted.more_are_not_ready', ['behind' => $count->behind()]) }}</p>
    @endif
@endif
