<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Json;
use App\Console\UnfitInput;
use Hakama\Machine\Rack;
use Hakama\Needles\Assignment;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\Demand;
use Hakama\Needles\NeedleChange;
use Hakama\Needles\NoNeedleFits;
use Hakama\Needles\ThreadNeeds;

final class NeedlesAssign extends JsonCommand
{
    protected $signature = 'needles:assign {file : JSON, or - for standard input}';
    protected $description = 'Says which thread goes on which needle for batches in running order';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $count = $json->int('needles', 1, 200);
        $rack = Rack::of(
            $count,
            $json->has('rack') ? self::byNeedle($json, 'rack', $count) : [],
            $json->has('pinned') ? self::pinned($json, $count) : [],
            $json->has('needle_sizes') ? self::byNeedle($json, 'needle_sizes', $count) : [],
        );
        $needs = new ThreadNeeds($json->has('thread_needs') ? $json->map('thread_needs') : []);
        $batches = [];
        foreach ($json->objects('batches') as $batch) {
            $blocks = $batch->strings('blocks');
            $batches[] = new Demand($batch->string('id'), $blocks !== [] ? $blocks : throw UnfitInput::at($batch->where('blocks'), 'at least one block is wanted here'));
            $batch->done();
        }
        $json->done();
        try {
            $assignment = Assignment::of($rack, $batches, $needs);
        } catch (NoNeedleFits $e) {
            throw UnfitInput::because($file, $e);
        }

        return [
            'changes' => $assignment->changes(),
            'batches' => array_map(static fn(BatchNeedles $batch): array => [
                'id' => $batch->id,
                'load' => array_map(static fn(NeedleChange $change): array => ['needle' => $change->needle, 'from' => $change->from, 'to' => $change->to, 'before_block' => $change->beforeBlock], $batch->load),
                'order' => $batch->order,
            ], $assignment->batches),
        ];
    }

    /** @return array<int, string> */
    private static function byNeedle(Json $json, string $key, int $count): array
    {
        $byNeedle = [];
        foreach ($json->map($key) as $needle => $text) {
            if (! is_int($needle) || $needle < 1 || $needle > $count) {
                throw UnfitInput::at($json->where($key), "there is no needle {$needle} on a machine of {$count}");
            }
            $byNeedle[$needle] = $text;
        }

        return $byNeedle;
    }

    /** @return list<int> */
    private static function pinned(Json $json, int $count): array
    {
        return array_map(static fn(mixed $needle): int => is_int($needle) && $needle >= 1 && $needle <= $count
            ? $needle
            : throw UnfitInput::at($json->where('pinned'), 'there is no needle '.json_encode($needle)." on a machine of {$count}"), $json->list('pinned'));
    }
}
