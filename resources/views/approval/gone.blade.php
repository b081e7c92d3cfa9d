<x-letter :title="__('approval.page.gone')">
    <h1 class="mb-4">{{ __('approval.page.gone') }}</h1>
    <p>{{ __('approval.page.gone_say') }}</p>
</x-letter>
