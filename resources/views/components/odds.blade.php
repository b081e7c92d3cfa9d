@props(['of'])
@if ($of !== null)
    <span @class(['now' => $of->isInDanger])>{{ App\Shop\Figure::odds($of->kept) }}{{ $of->isInDanger
        && $of->kept > 0 ? ', in danger' : '' }}</span>
@endif
