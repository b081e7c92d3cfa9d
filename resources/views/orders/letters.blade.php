@use('App\Foundation\Clock\ShopClock')
@if ($letters->isNotEmpty())
    <h3 class="mb-1 mt-4">{{ __('letters.page.sent') }}</h3>
    @foreach ($letters as $letter)
        <div class="border-b border-hair py-1">
            <p><strong>{{ $letter->kind->label() }}</strong> {{ $letter->to }}
                <span @class(['now' => $letter->state->mayGoAgain(), 'text-soft' => ! $letter->state->mayGoAgain()])>{{ $letter->state->label() }}</span>
                <span class="text-sm text-soft">{{ ShopClock::words($letter->state_at) }}{{ $letter->who === '' ? '' : ', '.$letter->who }}</span></p>
            @if ($letter->why !== '')
                <p class="break-words text-sm text-soft" data-codes>{{ $letter->why }}</p>
            @endif
            @if ($letter->state->mayGoAgain())
                <form method="post" action="{{ route('orders.letters.again', $letter) }}" class="mt-1 flex flex-wrap items-end gap-2" novalidate>@csrf
                    <label class="grow" for="to-{{ $letter->id }}">{{ __('letters.page.send_again_to') }}<input class="w-full" id="to-{{ $letter->id }}" name="to"
                        type="email" value="{{ old('to', $letter->to) }}"></label>
                    <button type="submit" class="btn btn-small">{{ __('letters.page.send_again') }}</button></form>
                <x-wrong field="to" />
            @endif
        </div>
    @endforeach
@endif
