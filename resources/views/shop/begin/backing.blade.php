@if ($backing->isNotEmpty())
    <ul class="note mb-4">
        @foreach ($backing as $one)
            <li>{{ str_replace('_', ' ', $one->kind) }}, {{ str_replace('_', ' ', $one->form) }}
                {{ round($one->width_mm) }} × {{ round($one->length_mm) }} mm, {{ $one->count }}</li>
        @endforeach
    </ul>
@endif
@include('setup.backing-form')
