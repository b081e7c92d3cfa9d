@use('App\Foundation\Words\Dates')
@use('App\Orders\Approvals\ApprovalAnswer')
<x-layout station="orders" :title="__('approval.page.title', ['number' => $order->number])">
    <x-slot:say>{{ __('approval.page.say') }}</x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1>{{ __('approval.page.title', ['number' => $order->number]) }}</h1>
        <a class="ms-auto" href="{{ route('orders.show', $order) }}" data-key="b">{{ __('orders.story.back_to_the_order') }} <kbd>b</kbd></a>
    </div>
    @if ($approvals->isEmpty())
        <p class="mb-4 max-w-2xl">{{ __('approval.page.none') }}</p>
    @elseif ($changed)
        <p class="note note-now mb-4">{{ __('approval.page.changed') }}</p>
    @endif
    <p class="mb-6"><a href="{{ route('orders.approvals.new', $order) }}" @class(['btn', 'btn-main' => $approvals->isEmpty() || $changed])
            data-key="n">{{ $approvals->isEmpty() ? __('approval.page.make') : __('approval.page.make_new') }} <kbd>n</kbd></a></p>
    @foreach ($approvals as $approval)
        <section class="mb-4 border border-hair bg-paper p-4">
            <p class="mb-2 font-semibold">
                @if ($approval->answer === ApprovalAnswer::Approved)
                    {{ __('approval.page.approved_by', [
                        'name' => $approval->answered_by,
                        'when' => Dates::dateTime($approval->answered_at),
                    ]) }}
                @elseif ($approval->answer === ApprovalAnswer::Change)
                    <span class="now">{{ __('approval.page.change_by', [
                        'name' => $approval->answered_by,
                        'when' => Dates::dateTime($approval->answered_at),
                        'wish' => $approval->wish,
                    ]) }}</span>
                @else
                    {{ $approval->isOver() ? __('approval.page.is_over') : __('approval.page.waiting') }}
                @endif
            </p>
            @if (! $approval->isOver())
                <div class="mb-2 flex flex-wrap items-end gap-3">
                    <label class="field grow">{{ __('approval.page.link') }}
                        <input class="w-full" id="link-{{ $approval->id }}" readonly
                            value="{{ $approval->address() }}"></label>
                    <button type="button" class="btn btn-small" data-copy="link-{{ $approval->id }}">{{ __('approval.page.copy') }}</button>
                    @if ($approval->isOpen())
                        <a class="btn btn-small" href="{{ route('orders.letters.open', [$order, 'approve']) }}">{{ __('letters.page.open') }}</a>
                    @endif
                    <form method="post" action="{{ route('orders.approvals.withdraw', $approval) }}">@csrf @method('delete')
                        <button type="submit" class="btn btn-small">{{ __('approval.page.withdraw') }}</button></form>
                </div>
            @endif
            <p class="text-sm text-soft">{{ $approval->who === ''
                ? __('approval.page.made_at', ['when' => Dates::dateTime($approval->made_at)])
                : __('approval.page.made_by', [
                    'when' => Dates::dateTime($approval->made_at),
                    'who' => $approval->who,
                ]) }} · {{ __('approval.page.valid_to', ['when' => Dates::date($approval->expires_at)]) }}</p>
            <p class="break-all text-sm text-soft">{{ __('approval.page.proof', ['hash' => $approval->shown_hash]) }}</p>
        </section>
    @endforeach
    @if ($last !== null)
        <h2 class="mb-4 mt-8">{{ __('approval.page.shown_last') }}</h2>
        @include('approval.shown', ['shown' => $last])
    @endif
</x-layout>
