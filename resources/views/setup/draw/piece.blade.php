{{-- The piece as it lies in its frame, with the marks: the drawing of whoever hoops it. --}}
@php
    $advice = $sheet->row->advice;
    $fit = $sheet->chosen->choice?->fit;
    $picture = App\Setup\SetupDrawing::picture($sheet->decoration->artwork);
@endphp
@if ($advice->marked && $sheet->row->facts->item->isOnCap() && $sheet->face)
    @include('setup.draw.cap')
@elseif ($advice->marked)
    @include('setup.draw.garment', ['turned' => false, 'tall' => true])
@endif
