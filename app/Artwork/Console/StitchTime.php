<?php

declare(strict_types=1);

namespace App\Artwork\Console;

use App\Foundation\Console\JsonCommand;
use Hakama\House\HouseRules;
use Hakama\Machine\RunTime;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Figures\PatternFigures;

final class StitchTime extends JsonCommand
{
    protected $signature = 'stitch:time {file : a stitch tape, or - for standard input} {--speed=800 : set on the '.
        'machine, stitches per minute} {--heads=1}';
    protected $description = 'Says how long one load of a tape sews';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $speed = $this->number('speed', 50, 3000);
        $heads = $this->number('heads', 1, 60);
        $figures = PatternFigures::of($this->pattern($file), HouseRules::of()->measuring());
        // No machine is named, so its curve is taken to start at the speed that is set.
        $time = RunTime::ofFigures($figures, $speed, SpeedCurve::usual($speed), HouseRules::of()->runTime(), $heads);

        return [
            'seconds' => round($time->seconds(), 1),
            'parts' => [
                'sewing' => round($time->sewingS, 1),
                'changes' => round($time->changesS, 1),
                'trims' => round($time->trimsS, 1),
                'ramps' => round($time->rampsS, 1),
                'breaks' => round($time->breaksS, 1),
            ],
            'mean_spm' => round($time->meanSpm(), 1),
        ];
    }
}
