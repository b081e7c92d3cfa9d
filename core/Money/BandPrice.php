<?php

declare(strict_types=1);

namespace Hakama\Money;

/** A price a piece by stitches and quantity, for each decoration; garments and artwork with a markup beside it. */
final readonly class BandPrice implements Price
{
    /**
     * @param non-empty-list<array{int, non-empty-list<array{int, int}>}> $bands stitches at most, steps of [pieces at
     *     least, cents a piece]
     */
    public function __construct(private array $bands, private float $blankMarkup, private float $artworkMarkup) {}

    public function of(Job $job, int $cost): int
    {
        $cents =
            Amount::of($job->pieces * $job->blank)->percent(100 + $this->blankMarkup)->cents() +
            Amount::of($job->artwork)->percent(100 + $this->artworkMarkup)->cents();
        foreach ($job->works as $work) {
            $cents += $job->pieces * self::step($this->band($work), $job->pieces);
        }

        return $cents;
    }

    public function stepsBeside(Job $job): array
    {
        $at = [];
        foreach ($job->works as $work) {
            array_push($at, ...array_column($this->band($work), 0));
        }
        $below = array_filter($at, static fn(int $pieces): bool => $pieces < $job->pieces);
        $above = array_filter($at, static fn(int $pieces): bool => $pieces > $job->pieces);

        return [...$below === [] ? [] : [max($below)], ...$above === [] ? [] : [min($above)]];
    }

    /** @return non-empty-list<array{int, int}> */
    private function band(Work $work): array
    {
        $most = 0;
        foreach ($this->bands as [$to, $steps]) {
            if ($work->stitches <= $to) {
                return $steps;
            }
            $most = $to;
        }

        throw NoPrice::forStitches($work->name, $work->stitches, $most);
    }

    /** @param non-empty-list<array{int, int}> $steps */
    private static function step(array $steps, int $pieces): int
    {
        $each = null;
        foreach ($steps as [$least, $cents]) {
            $each = $pieces >= $least ? $cents : $each;
        }

        return $each ?? throw NoPrice::forPieces($pieces, $steps[0][0]);
    }
}
