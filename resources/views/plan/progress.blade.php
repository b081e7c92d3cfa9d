@php $share = $proposal->iterations > 0 ? min(100, intdiv(100 * $proposal->done, $proposal->iterations)) : 0; @endphp
<div id="progress"
    @if ($proposal->isSearching()) hx-get="{{ route('plan.proposal', $proposal) }}" hx-trigger="every 1s"
        hx-target="#progress" hx-swap="outerHTML" @endif>
    @if ($proposal->isSearching())
        <p class="mb-1" role="status">
            {{ $proposal->state === 'waiting' ? 'It waits for its turn.' : "{$share} % of the way." }} The
            shop works on meanwhile; this page can be left.</p>
        <div class="strip mb-3" role="img" aria-label="{{ $share }} %"><i class="on"
                style="width: {{ $share }}%"></i></div>
        <dl class="readout mb-4">
            <div>
                <dt>Cost of the plan in force</dt>
                <dd>{{ $proposal->start_cost === null ? '' : App\Shop\Figure::words($proposal->start_cost, 1) }}</dd>
            </div>
            <div>
                <dt>Best so far</dt>
                <dd><strong>{{ $proposal->cost === null ? '' : App\Shop\Figure::words($proposal->cost, 1) }}</strong>
                </dd>
            </div>
            <div>
                <dt>Minutes late</dt>
                <dd>{{ $proposal->late_min === null ? '' : App\Shop\Figure::words($proposal->late_min) }}</dd>
            </div>
            <div>
                <dt>Minutes of changeover</dt>
                <dd>{{ $proposal->changeover_min === null ? '' : App\Shop\Figure::words($proposal->changeover_min) }}
                </dd>
            </div>
            <div>
                <dt>It can be no less than</dt>
                <dd>{{ $proposal->bound === null ? '' : App\Shop\Figure::words($proposal->bound, 1) }}</dd>
            </div>
        </dl>
        <form method="post" action="{{ route('plan.stop', $proposal) }}">@csrf<button class="btn btn-now" data-key="s"
                @disabled($proposal->stop)>{{ $proposal->stop ? 'It stops' : 'Stop, and keep the best' }}
                <kbd>s</kbd></button></form>
    @elseif ($proposal->state === 'failed')
        <p class="note note-now">The search ended with a fault; the plan is as it was. Ask for it once more.</p>
    @else
        @include('plan.comparison')
    @endif
</div>
