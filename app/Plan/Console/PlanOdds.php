<?php

declare(strict_types=1);

namespace App\Plan\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Plan\PlanJson;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Timetable;

final class PlanOdds extends JsonCommand
{
    protected $signature = 'plan:odds {file : JSON, or - for standard input} {--runs=1000} {--seed=1}';
    protected $description = 'Says how likely each promise of a plan is kept, from replaying it with chance';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $spread = PlanJson::spread($json);
        $given = PlanJson::of($json);
        $runs = $this->number('runs', 1, 100_000);
        $seed = $this->number('seed', 0, PHP_INT_MAX);
        $sequence =
            $given->sequence ?? throw UnfitInput::at($json->where('sequence'), 'is missing, and its odds are asked');
        $odds = Odds::of(Timetable::of($given->workload, $sequence), $spread, $runs, $seed);
        $time = static fn(?int $seconds): ?string => $seconds === null ? null : gmdate('Y-m-d\TH:i:s', $seconds);
        $batches = [];
        foreach ($given->workload->batches as $id => $batch) {
            $one = $odds->batches[$id] ?? null;
            $batches[] = [
                'batch' => (string) $id,
                'due' => $time($batch->promise->dueAt),
                'kept' => round($one->kept ?? 0.0, 4),
                'end_p50' => $time($one?->endP50),
                'end_p80' => $time($one?->endP80),
                'end_p95' => $time($one?->endP95),
            ];
        }

        return ['runs' => $runs, 'seed' => $seed, 'batches' => $batches];
    }
}
