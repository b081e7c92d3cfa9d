<?php

declare(strict_types=1);

namespace App\Setup\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use Hakama\House\HouseRules;
use Hakama\Picture\MeasuredPlace;
use Hakama\Picture\UnfitPicture;

final class PlaceMeasure extends JsonCommand
{
    private const MOST_PX = 100_000.0;
    private const MOST_MM = 5_000.0;
    private const MOST_POINTS = 24;

    protected $signature = 'place:measure {file : points of a picture as JSON, or - for standard input}';
    protected $description = 'Says where a mark on a hooped piece lies, by a picture of it';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $points = [];
        foreach ($json->objects('points') as $point) {
            $points[] = [
                $point->pair('px', -self::MOST_PX, self::MOST_PX),
                $point->pair('mm', -self::MOST_MM, self::MOST_MM),
            ];
            $point->done();
        }
        if (count($points) > self::MOST_POINTS) {
            throw UnfitInput::at($json->where('points'), 'at most '.self::MOST_POINTS.' points are wanted here');
        }
        $mark = $json->pair('mark_px', -self::MOST_PX, self::MOST_PX);
        $up = $json->pair('up_px', -self::MOST_PX, self::MOST_PX);
        $error = $json->has('error_px') ? $json->number('error_px', 0, 100) : 1.5;
        $json->done();
        try {
            $place = MeasuredPlace::of($points, $mark, $up, $error, HouseRules::of()->place());
        } catch (UnfitPicture $e) {
            throw UnfitInput::at($json->where('points'), Words::why($e));
        }

        return [
            'right_mm' => round($place->rightMm, 3),
            'up_mm' => round($place->upMm, 3),
            'angle_deg' => round($place->deg, 3),
            'error' => [
                'right_mm' => round($place->error[0], 3),
                'up_mm' => round($place->error[1], 3),
                'angle_deg' => round($place->error[2], 3),
            ],
            'say' => $place->advice->value,
            'text' => Words::say($place->words()),
        ];
    }
}
