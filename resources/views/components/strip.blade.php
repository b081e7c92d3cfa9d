@props(['done', 'sewing' => 0, 'of'])
<div class="strip" role="img"
    aria-label="{{ $done }} of {{ $of }} pieces done{{ $sewing ? ", {$sewing} on the machine" : '' }}">
    <i style="width: {{ $of ? (100 * $done) / $of : 0 }}%"></i><i class="on"
        style="width: {{ $of ? (100 * $sewing) / $of : 0 }}%"></i>
</div>
