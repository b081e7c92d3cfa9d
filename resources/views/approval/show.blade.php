@use('App\Foundation\Words\Dates')
<x-letter :title="__('approval.page.your_order', ['number' => $shown->order])">
    <p class="text-lg font-semibold">{{ $shown->shop }}</p>
    <h1 class="mb-1">{{ __('approval.page.your_order', ['number' => $shown->order]) }}</h1>
    <p class="mb-6 text-soft">{{ __('approval.page.for', ['customer' => $shown->customer]) }}</p>
    @if ($approval->answer !== null)
        <p class="note mb-6">{{ $approval->answer === App\Orders\Approvals\ApprovalAnswer::Approved
            ? __('approval.page.approved_by', [
                'name' => $approval->answered_by,
                'when' => Dates::dateTime($approval->answered_at),
            ]) : __('approval.page.change_by', [
                'name' => $approval->answered_by,
                'when' => Dates::dateTime($approval->answered_at),
                'wish' => $approval->wish,
            ]) }}</p>
    @else
        <p class="mb-6">{{ __('approval.page.look') }}</p>
    @endif
    @include('approval.shown')
    @if ($approval->answer === null)
        <section class="mb-10">
            <h2 class="mb-3">{{ __('approval.page.your_answer') }}</h2>
            <form method="post" action="{{ route('approval.answer', $token) }}">@csrf
                <input type="hidden" name="seen" value="{{ $approval->shown_hash }}">
                <x-field name="name" :label="__('approval.page.your_name')" maxlength="80" autocomplete="name" required box="max-w-md mb-4" />
                <p class="mb-6"><button type="submit" class="btn btn-main" name="answer" value="approved">{{ __('approval.page.approve') }}</button></p>
                <label class="field mb-2 block" for="wish">{{ __('approval.page.what_to_change') }}</label>
                <textarea id="wish" name="wish" rows="3" maxlength="2000" class="mb-2 w-full">{{ old('wish') }}</textarea>
                <x-wrong field="wish" />
                <x-wrong field="answer" />
                <x-wrong field="seen" />
                <p><button type="submit" class="btn" name="answer" value="change">{{ __('approval.page.ask_for_changes') }}</button></p>
            </form>
        </section>
    @endif
    <section class="mb-8">
        <h2 class="mb-3">{{ __('approval.page.where_it_stands') }}</h2>
        <x-steps :of="$steps" />
    </section>
    <p class="break-all text-sm text-soft">{{ __('approval.page.proof', ['hash' => $approval->shown_hash]) }}</p>
</x-letter>
