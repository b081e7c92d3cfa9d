<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use InvalidArgumentException;

/** How far the times of a plan spread. A coefficient of variation is the standard deviation over the mean. */
final readonly class Spread
{
    /**
     * @param float                   $sewCv         of a batch's sewing, one draw a batch
     * @param float                   $hoopCv        of its hooping, one draw a batch
     * @param float                   $changeoverCv  of a changeover, one draw each
     * @param float                   $breaksPer1000 thread breaks in a thousand stitches
     * @param float                   $breakS        what one costs, seconds
     * @param array<array-key, int>   $stitches      batch => stitches of one piece; breaks none where it is missing
     * @param float                   $spoil         the probability that a piece is spoiled and sewn again
     * @param bool                    $isCounted     the sewing times hold what breaks cost on average already
     * @param array<array-key, float> $sewCvOf       batch => its own, where the shop has logged enough
     * @param array<array-key, float> $hoopCvOf      batch => its own
     *
     * @throws InvalidArgumentException a spread below zero, or nothing but spoiled pieces
     */
    public function __construct(
        public float $sewCv = 0.0,
        public float $hoopCv = 0.0,
        public float $changeoverCv = 0.0,
        public float $breaksPer1000 = 0.0,
        public float $breakS = 0.0,
        public array $stitches = [],
        public float $spoil = 0.0,
        public bool $isCounted = false,
        public array $sewCvOf = [],
        public array $hoopCvOf = [],
    ) {
        $spreads = [$sewCv, $hoopCv, $changeoverCv, $breaksPer1000, $breakS, $spoil];
        if (min([...$spreads, ...array_values($sewCvOf), ...array_values($hoopCvOf)]) < 0 || $spoil >= 1) {
            throw new InvalidArgumentException('a spread is zero or more, and not every piece is spoiled');
        }
    }

    public function sewCvOf(string $batch): float
    {
        return $this->sewCvOf[$batch] ?? $this->sewCv;
    }

    public function hoopCvOf(string $batch): float
    {
        return $this->hoopCvOf[$batch] ?? $this->hoopCv;
    }
}
