@props(['done', 'sewing' => 0, 'of'])
<div class="strip" role="img"
    aria-label="{{ __('common.strip.of_pieces_done', [
        'done' => $done,
        'of' => $of,
        'value' => $sewing ? __('common.strip.on_the_machine', ['sewing' => $sewing]) : '',
    ]) }}">
    <i style="width: {{ $of ? (100 * $done) / $of : 0 }}%"></i><i class="on"
        style="width: {{ $of ? (100 * $sewing) / $of : 0 }}%"></i>
</div>
