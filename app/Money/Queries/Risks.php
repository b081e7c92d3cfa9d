<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Setup\Models\Practice;
use App\Setup\PracticeBook;
use App\Shop\House;
use Hakama\Garment\Fabric;
use Hakama\House\HouseRule;
use Hakama\Money\Job;
use Hakama\Money\Risk;

/** What an order puts at stake, by what was sewn on cloth like it. */
final readonly class Risks
{
    public function __construct(private House $house, private PracticeBook $practice) {}

    /** Of an order or only a question; null where nobody has said what a garment is worth, or nothing is sewn on it. */
    public function on(Fabric $fabric, Job $job): ?Risk
    {
        $real = $this->practice->on($fabric)->reject(static fn(Practice $one): bool => $one->on_scrap);
        $rules = $this->house->rules();

        return $job->blankValue <= 0 || $job->works === []
            ? null
            : Risk::of(
                $job->pieces,
                count($job->works),
                $job->blankValue,
                (int) $real->sum('came_out'),
                (int) $real->sum('failed'),
                $rules->value(HouseRule::SpoiledPieces) / 100,
                $rules->value(HouseRule::UnpractisedTimes),
                $this->practicePieces(),
            );
    }

    /** Minutes that practising on scrap takes before the first garment. */
    public function practiceMin(Job $job): float
    {
        $work = $job->works[0] ?? null;

        return $work === null ? 0.0 : ($this->practicePieces() * ($work->sewS + $work->hoopS)) / 60;
    }

    public function practicePieces(): int
    {
        return (int) $this->house->rules()->value(HouseRule::PracticePieces);
    }
}
