@php $share = $proposal->iterations > 0 ? min(100, intdiv(100 * $proposal->done, $proposal->iterations)) : 0; @endphp
<div id="progress"
    @if ($proposal->isSearching()) data-hx-get="{{ route('plan.proposal', $proposal) }}" data-hx-trigger="every 1s"
        data-hx-target="#progress" data-hx-swap="outerHTML" @endif>
    @if ($proposal->isSearching())
        <p class="mb-1" role="status">
            {{ __('plan.progress.the_shop_keeps_working_you_can', [
                'value' => $proposal->state === 'waiting' ? __('plan.progress.waiting_to_start') : __('plan.progress.done', [
                    'share' => $share,
                ]),
            ]) }}</p>
        <div class="strip mb-3" role="img" aria-label="{{ $share }} %"><i class="on"
                style="width: {{ $share }}%"></i></div>
        <dl class="readout mb-4">
            <div>
                <dt>{{ __('plan.progress.minutes_late') }}</dt>
                <dd>{{ $proposal->late_min === null ? '' : App\Shop\Figure::words($proposal->late_min) }}</dd>
            </div>
            <div>
                <dt>{{ __('plan.progress.minutes_of_changeover') }}</dt>
                <dd>{{ $proposal->changeover_min === null ? '' : App\Shop\Figure::words($proposal->changeover_min) }}
                </dd>
            </div>
        </dl>
        @if ($proposal->cost !== null && $proposal->start_cost !== null)
            <x-because :about="__('plan.progress.how_its_calculated')">{{ __('plan.progress.points', [
                'now' => App\Shop\Figure::words($proposal->start_cost, 1),
                'best' => App\Shop\Figure::words($proposal->cost, 1),
                'lowest' => App\Shop\Figure::words($proposal->bound ?? 0, 1),
            ]) }}</x-because>
        @endif
        @if (isset($proposal->weighed['mended']))
            <div class="note mb-3">
                <p class="mb-2">{{ __('plan.progress.mended_meanwhile', [
                    'moves' => $moved['mended'],
                    'now' => App\Shop\Figure::words($proposal->start_cost ?? 0),
                    'then' => App\Shop\Figure::words($proposal->weighed['mended']['cost']),
                ]) }}</p>
                <form method="post" action="{{ route('plan.take', $proposal) }}">@csrf<input type="hidden" name="version" value="{{ $version }}">
                    <input type="hidden" name="plan" value="mended"><button type="submit" class="btn" name="whole" value="1"
                        data-key="m">{{ __('plan.progress.use_the_mended_plan') }} <kbd>m</kbd></button></form>
            </div>
        @endif
        <form method="post" action="{{ route('plan.stop', $proposal) }}">@csrf<button type="submit"
            class="btn btn-now" data-key="s"
                @disabled($proposal->stop)>{{ $proposal->stop ? __('plan.progress.ends') : __('plan.progress.stop_and_keep_the_best') }}
                <kbd>s</kbd></button></form>
    @elseif ($proposal->state === 'failed')
        <p class="note note-now">{{ __('plan.progress.the_search_failed_the_plan_is') }}</p>
    @else
        @include('plan.comparison')
    @endif
</div>
