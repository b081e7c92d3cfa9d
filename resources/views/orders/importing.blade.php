<div id="importing"
    @unless ($import->state->isOver()) data-hx-get="{{ route('orders.import', $import) }}" data-hx-trigger="every 1s"
        data-hx-target="#importing" data-hx-swap="outerHTML" @endunless>
    @if ($import->state === App\Orders\ImportState::Wrong)
        <div class="note note-now" role="alert">
            <p>{{ __('orders.import.wrong') }}</p>
            <ul class="mt-2">
                @foreach ($import->problems ?? [] as $problem)
                    <li>{{ $problem }}</li>
                @endforeach
            </ul>
        </div>
        <p class="mt-4"><a class="btn btn-main" href="{{ route('orders.create') }}#import">{{ __('orders.import.again') }}</a></p>
    @elseif ($import->state === App\Orders\ImportState::Done)
        <p class="note" role="status">{{ __('orders.import.done', [
            'orders' => $import->orders,
            'count' => App\Shop\Figure::words($import->orders),
            'first' => (string) $import->first_number,
            'last' => (string) $import->last_number,
        ]) }}</p>
    @elseif ($import->state === App\Orders\ImportState::Stopped)
        <div class="note note-now" role="alert">
            <p>{{ __('orders.import.stopped', [
                'stored' => $import->stored,
                'count' => App\Shop\Figure::words($import->stored),
                'orders' => App\Shop\Figure::words($import->orders),
                'first' => (string) $import->first_number,
                'last' => (string) $import->last_number,
            ]) }} {{ implode(' ', $import->problems ?? []) }}</p>
            <p class="mt-2">{{ __('orders.import.go_on') }}</p>
        </div>
        <p class="mt-4"><a class="btn btn-main" href="{{ route('orders.create') }}#import">{{ __('orders.import.again') }}</a></p>
    @else
        <p class="mb-1" role="status">{{ $import->state === App\Orders\ImportState::Checking
            ? __('orders.import.checking', ['done' => App\Shop\Figure::words($import->checked), 'orders' => App\Shop\Figure::words($import->orders)])
            : __('orders.import.storing', ['done' => App\Shop\Figure::words($import->stored), 'orders' => App\Shop\Figure::words($import->orders)]) }}
            {{ __('orders.import.leave') }}</p>
        <div class="strip mb-3" role="img" aria-label="{{ $import->share() }} %"><i class="on"
                style="width: {{ $import->share() }}%"></i></div>
        <form method="post" action="{{ route('orders.import.stop', $import) }}">@csrf<button type="submit"
            class="btn btn-now" @disabled($import->stop)>{{ $import->stop ? __('orders.import.ends') : __('orders.import.stop') }}</button></form>
    @endif
</div>
