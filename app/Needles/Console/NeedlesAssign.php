<?php

declare(strict_types=1);

namespace App\Needles\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use Hakama\Machine\Rack;
use Hakama\Needles\Assignment;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\ConeChange;
use Hakama\Needles\Demand;
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
            $json->has('rack') ? $json->needles('rack', $count) : [],
            $json->has('pinned') ? $json->numbers('pinned', 1, $count) : [],
            $json->has('needle_sizes') ? $json->needles('needle_sizes', $count) : [],
        );
        $sizes = $json->has('thread_needs') ? $json->map('thread_needs') : [];
        $needs = new ThreadNeeds(array_combine(array_map(strval(...), array_keys($sizes)), $sizes));
        $batches = [];
        foreach ($json->objects('batches') as $batch) {
            $blocks = $batch->strings('blocks');
            $batches[] = new Demand(
                $batch->string('id'),
                $blocks !== []
                    ? $blocks
                    : throw UnfitInput::at($batch->where('blocks'), 'at least one block is wanted here'),
            );
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
            'batches' => array_map(
                static fn(BatchNeedles $batch): array => [
                    'id' => $batch->id,
                    'load' => array_map(
                        static fn(ConeChange $change): array => [
                            'needle' => $change->needle,
                            'from' => $change->from,
                            'to' => $change->to,
                            'before_block' => $change->beforeBlock,
                        ],
                        $batch->load,
                    ),
                    'order' => $batch->order,
                ],
                $assignment->batches,
            ),
        ];
    }
}
