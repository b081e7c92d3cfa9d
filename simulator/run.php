<?php

declare(strict_types=1);

/*
 * A simulated machine, as a process of its own: it speaks to the server as a real one would, over HTTP
 * with its token, and runs faster than life.
 *
 *     MACHINE_TOKEN=... [MACHINE_TOLD=folder] php simulator/run.php http://127.0.0.1:8080 [factor] [breaks per 1000]
 *
 * In the folder it keeps, a line each, what the shop said that it recorded.
 */

use Hakama\House\HouseRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Timeline;
use Hakama\Stitch\Tape\TapeReader;
use Ramsey\Uuid\Uuid;
use Simulator\Happening;
use Simulator\Line;
use Simulator\SimulatedMachine;

require __DIR__.'/../vendor/autoload.php';

$server = $argv[1] ?? '';
$factor = (float) ($argv[2] ?? 20);
$token = (string) getenv('MACHINE_TOKEN');
if ($server === '' || $token === '' || $factor <= 0) {
    fwrite(STDERR, "usage: MACHINE_TOKEN=... php simulator/run.php SERVER [factor] [breaks per 1000]\n");
    exit(2);
}

$told = (string) getenv('MACHINE_TOLD');
$tell = static function (string $id, string $kind) use ($told, $token): void {
    if ($told !== '' && $kind !== 'position') {
        $file = sprintf('%s/machine-%s.jsonl', $told, substr(hash('sha256', $token), 0, 8));
        file_put_contents($file, json_encode(['event' => $id, 'kind' => $kind])."\n", FILE_APPEND | LOCK_EX);
    }
};
$line = new Line($server, $token);
$machine = new SimulatedMachine((float) ($argv[3] ?? 0.05));
$load = null;
$over = null;
$then = microtime(true);

for (; ; usleep(300_000)) {
    $passed = min(3.0, ($now = microtime(true)) - $then) * $factor;
    $then = $now;
    $todo = $line->instruction();
    if ($todo === null || ! in_array($todo['command'] ?? '', ['sew', 'hold'], true) || $todo['load'] === $over) {
        continue;
    }
    if ($todo['load'] !== $load) {
        $tape = $line->tape();
        // What came must be the tape that was meant, and nothing else.
        if ($tape === null || hash('sha256', $tape) !== $todo['tape']) {
            continue;
        }
        $machine->load(
            Timeline::of(
                (new TapeReader())->fromString($tape),
                (float) $todo['speed_spm'],
                SpeedCurve::usual((float) $todo['top_spm']),
                HouseRules::of()->runTime(),
                (int) $todo['trim_jumps'],
            ),
            (int) $todo['heads'],
            crc32($todo['load']),
            (int) $todo['stitch'],
            (float) $todo['clock_s'],
            array_map(intval(...), $todo['halts'] ?? []),
        );
        $load = $todo['load'];
        continue;
    }
    if ($todo['command'] === 'hold') {
        $machine->wait($passed);
        continue;
    }
    $kind = match ($machine->sew($passed)) {
        Happening::Nothing => 'position',
        Happening::ThreadBroke => 'thread_broke',
        Happening::HandStop => 'hand_stop',
        Happening::Sewn => 'sewn',
    };
    $id = Uuid::uuid4()->toString();
    $isRecorded = $line->report([
        'id' => $id,
        'load' => $load,
        'kind' => $kind,
        'stitch' => $machine->stitch(),
        'clock_s' => round($machine->clockS(), 1),
    ]);
    if ($isRecorded) {
        $tell($id, $kind);
    }
    if ($kind === 'sewn') {
        $over = $load;
    }
}
