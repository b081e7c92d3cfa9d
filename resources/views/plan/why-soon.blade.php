{{-- In a large shop every other place takes a moment to be weighed: the page is there at once, and they follow. --}}
<x-layout station="plan" :title="__('plan.why.why_is_there', ['code' => $batch->code])">
    <x-slot:say>{{ __('plan.why.why_is_there', ['code' => $batch->code]) }}</x-slot:say>
    <x-plan-tabs here="why" :title="$batch->code . ', ' . $batch->design->name" />
    <div id="why" data-hx-get="{{ route('plan.why', [$batch->code, 'whole' => 1]) }}" data-hx-trigger="load"
        data-hx-select="#why" data-hx-swap="outerHTML">
        <p class="note" role="status">{{ __('plan.why.weighing', ['batches' => App\Shop\Figure::words($among)]) }}
            <a href="{{ route('plan.why', [$batch->code, 'whole' => 1]) }}">{{ __('plan.why.wait_for_it') }}</a></p>
    </div>
</x-layout>
