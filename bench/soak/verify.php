<?php

declare(strict_types=1);

/*
 * Holds what people were told was recorded against what is in the books, and the books against the events.
 *
 *     DB_PORT=… DB_PASSWORD=… php bench/soak/verify.php FOLDER
 */

$base = new PDO(
    sprintf('mysql:host=127.0.0.1;port=%s;dbname=hakama;charset=utf8mb4', getenv('DB_PORT')),
    'hakama',
    (string) getenv('DB_PASSWORD'),
);
$column = static fn(string $sql): array => ($base->query($sql) ?: throw new RuntimeException($sql))->fetchAll(
    PDO::FETCH_COLUMN,
);
$told = ['event' => [], 'order' => [], 'delivery' => [], 'machine' => 0];
$broken = $ms = [];
$away = $asked = 0;
foreach (glob($argv[1].'/*.jsonl') ?: [] as $file) {
    foreach (file($file) ?: [] as $line) {
        $one = json_decode($line, true);
        if (! is_array($one)) {
            continue;
        }
        isset($one['event']) && ($told['event'][] = $one['event']);
        $told['machine'] += isset($one['event']) && str_starts_with(basename($file), 'machine-') ? 1 : 0;
        isset($one['order']) && ($told['order'][$one['order']] = $one['number']);
        isset($one['delivery']) && ($told['delivery'][] = $one['delivery']);
        isset($one['broken']) && ($broken[] = $one['broken']);
        $away += isset($one['away']) ? 1 : 0;
        if (isset($one['ms'])) {
            $asked++;
            $ms[] = $one['ms'];
        }
    }
}
$wrong = [];
$events = array_flip($column('select lower(event_id) from floor_events'));
foreach (array_unique($told['event']) as $id) {
    isset($events[$id]) || ($wrong[] = "event {$id} was said to be recorded and is not there");
}
$deliveries = array_count_values($column('select lower(form_id) from arrivals'));
foreach (array_unique($told['delivery']) as $id) {
    ($deliveries[$id] ?? 0) === 1 || ($wrong[] = "a delivery that was counted is there ".($deliveries[$id] ?? 0).' times');
}
$orders = [];
foreach ($base->query('select lower(form_id) as f, number from orders where form_id is not null') ?: [] as $row) {
    $orders[$row['f']] = (int) $row['number'];
}
foreach ($told['order'] as $form => $number) {
    ($orders[$form] ?? null) === $number || ($wrong[] = "order {$number} was said to be in the book and is not there");
}
$numbers = array_map(intval(...), $column('select number from orders order by number'));
count($numbers) === count(array_unique($numbers)) || ($wrong[] = 'a number was given twice');
$new = array_values(array_filter($numbers, static fn(int $one): bool => in_array($one, $orders, true)));
$new === []
    || $new === range($new[0], $new[0] + count($new) - 1)
    || ($wrong[] = 'there is a gap in the numbers of orders');
[$done] = $column(
    "select coalesce(sum(case kind when 'piece_done' then piece_count when 'piece_returned' then -cast(piece_count ".
    "as signed) else 0 end), 0) from floor_events",
);
[$kept] = $column("select count(*) from pieces where state = 'done'");
(int) $done === (int) $kept || ($wrong[] = "by the events {$done} pieces are done, by the pieces {$kept}");
[$negative] = $column('select count(*) from floor_events where clock_s < 0 or planned_s < 0');
(int) $negative === 0 || ($wrong[] = "{$negative} events took less than no time");
foreach (array_unique($broken) as $path) {
    $wrong[] = "something broke at {$path}";
}
sort($ms);
$at = static fn(float $share): float => $ms === [] ? 0.0 : $ms[(int) min(count($ms) - 1, floor($share * count($ms)))];
printf(
    "%d answers, %d times nobody answered; %d events (%d of them machines’), %d orders and %d deliveries told and ".
    "there; %d events in all.\np50 %.0f ms, p95 %.0f ms, p99 %.0f ms\n",
    $asked,
    $away,
    count(array_unique($told['event'])),
    $told['machine'],
    count($told['order']),
    count(array_unique($told['delivery'])),
    count($events),
    $at(0.5),
    $at(0.95),
    $at(0.99),
);
foreach ($wrong as $sentence) {
    echo "WRONG: {$sentence}\n";
}
exit($wrong === [] ? 0 : 1);
