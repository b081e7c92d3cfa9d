@props(['machine' => null, 'machines', 'here'])
<div class="mb-4 flex flex-wrap items-center gap-2">
    <div class="flex flex-wrap gap-2" role="group" aria-label="{{ __('common.needle_tabs.machines') }}">
        @foreach ($machines as $one)
            <a class="btn {{ $machine && $one->id === $machine->id ? 'btn-main' : '' }}"
                href="{{ route('needles.show', $one) }}"
                @if ($machine && $one->id === $machine->id) aria-current="true" @endif>{{ $one->code }}
                {{ $one->name }}<span class="ms-2 font-normal">{{ __('common.needle_tabs.needles', [
                    'needles' => $one->needles,
                ]) }}</span></a>
        @endforeach
    </div>
    @php $of = $machine ?? $machines->first(); @endphp
    <x-tabs :label="__('common.needle_tabs.needle_pages')" :tabs="[
        [route('needles.walks'), __('common.needle_tabs.thread_walks'), 'w', $here === 'walks', __('common.needle_tabs.thread_walks_all_machines')],
        ...$of === null
            ? []
            : [
                [route('needles.pins', $of), __('common.needle_tabs.worth_pinning'), 'p', $here === 'pins', __('common.needle_tabs.threads_worth_pinning')],
                [route('needles.care', $of), __('common.needle_tabs.care'), 'c', $here === 'care', __('common.needle_tabs.machine_care')],
            ],
    ]" />
</div>
