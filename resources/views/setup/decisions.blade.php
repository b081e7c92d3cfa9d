{{-- What is decided, each with its reason when it is opened. --}}
<div class="mt-4 border-t border-hair">
    @php
        $rows = App\Setup\DecisionRow::all(
            $sheet->chosen->shown,
            $advice->placement,
            $sheet->blocks(),
            $sheet->roundMm(),
            $units,
        );
    @endphp
    @foreach ($rows as $row)
        <details class="border-b border-hair" data-about="{{ $row->about->value }}">
            <summary class="flex items-baseline gap-4 py-1.5"><span
                    class="w-28 shrink-0 text-sm text-soft">{{ $row->label }}</span><strong
                    class="flex-1">{{ $row->value }}</strong><span class="text-sm text-soft">{{ __('setup.decisions.why') }}</span></summary>
            <p class="pb-2 ps-32 text-sm">
                @if ($row->about === Hakama\Setup\Rules\SetupTopic::Placement)
                    {{ App\Foundation\Words\Words::capital($advice->placement->words($units)) }}.
                @endif
                {{ $row->why }}{{ $row->firm ? ' '.__('setup.decisions.this_is_a_must') : '' }}
                <br><span class="text-soft">{{ $sheet->turning($row->about) }}</span>
                @foreach ($row->others as $other)
                    <br><span class="text-soft"><x-said key="setup.decisions.other_practice" :with="[
                        'text' => $other->text,
                    ]"><x-slot:link><a
                            href="/shop#schools">{{ __('setup.decisions.house_rules') }}</a></x-slot:link></x-said></span>
                @endforeach
            </p>
        </details>
    @endforeach
</div>
