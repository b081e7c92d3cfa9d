@props(['of'])
@if ($of !== null)
    <span @class(['now' => $of->isInDanger])>{{ App\Shop\Figure::odds($of->kept) }}{{ $of->isInDanger
        && $of->kept > 0 ? __('common.odds.at_risk') : '' }}</span>
@endif
