{{-- How far an order has come, step by step; with the days of it for those in the shop. --}}
@props(['of', 'days' => false])
<ol class="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-5">
    @foreach ($of as $step)
        <li>
            <div class="h-2 border border-indigo bg-paper" aria-hidden="true">
                <div class="h-full bg-indigo" style="width: {{ round(100 * $step->share()) }}%"></div>
            </div>
            <p class="mt-1"><strong>{{ $step->name }}</strong> {{ $step->of === null ? __('orders.story.not_counted')
                : ($step->of === 1 && $step->isDone() ? '' : __('common.counts.of', ['some' => $step->some, 'all' => $step->of])) }}
                @if ($days)
                    <span class="text-soft">{{ $step->when }}</span>
                @endif
            </p>
        </li>
    @endforeach
</ol>
