<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\BatchJob;
use Hakama\Plan\Options;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Workload;

/**
 * The plan that costs least on the average, when times spread. The cheapest on paper has no room where it needs some, so
 * plans are looked for that believe promises to be due a little sooner; those and the ones that the plain search came by
 * are weighed by replays with the same luck, and the best is gone on from: what is late most often is tried elsewhere.
 */
final readonly class Robust
{
    /** Promises are believed to be due so many minutes sooner. */
    private const SOONER_MIN = [20, 60, 150];
    /** A search for each of these takes this share of the plain one's iterations. */
    private const SHARE = 0.3;
    /** How often a plan is replayed while plans are weighed. */
    private const WEIGHED = 200;
    /** Of the plain search so many plans are weighed, and so many moves of the best. */
    private const PLANS = 4;
    private const MOVES = 24;
    private const FEW = 40;
    /** Two plans are two where one saves this share on the average, or keeps so many promises more. */
    private const WORTH = 0.01;
    private const KEPT = 0.1;
    /** Iterations between two looks whether it is still wanted. */
    private const AT_ONCE = 400;
    private const PLACES = 4;

    private function __construct(
        public Sequence $sequence,
        public ExpectedCost $expected,
        public Sequence $plain,
        public ExpectedCost $plainExpected,
    ) {}

    /** @param Sequence|null $inForce as of `Search::of` */
    public static function of(
        Workload $workload,
        Spread $spread,
        int $seed = 1,
        int $iterations = 20_000,
        ?Sequence $inForce = null,
    ): self {
        $search = Search::of($workload, $seed, $iterations, $inForce);
        $found = [$search->best()];
        for ($i = 1; $i <= self::PLANS; $i++) {
            $search->run(intdiv($iterations * $i, self::PLANS) - $search->done());
            $found[] = $search->best();
        }

        return self::among($workload, $spread, $found, $seed, $iterations, $inForce);
    }

    /**
     * @param non-empty-list<Sequence> $found    by a search on the plain cost, the best of them last
     * @param callable(): bool|null    $isWanted whether to go on looking; what was found until then is weighed
     *
     * @return self of which `plain` is the cheapest on paper that was found
     */
    public static function among(
        Workload $workload,
        Spread $spread,
        array $found,
        int $seed,
        int $iterations,
        ?Sequence $inForce = null,
        ?callable $isWanted = null,
    ): self {
        $plain = $found[count($found) - 1];
        $short = (int) (self::SHARE * $iterations);
        foreach ($iterations === 0 ? [] : self::SOONER_MIN as $minutes) {
            $search = Search::of(self::sooner($workload, $minutes), $seed, $short, $inForce);
            while ($search->done() < $short && ($isWanted === null || $isWanted())) {
                $search->run(min(self::AT_ONCE, $short - $search->done()));
            }
            $found[] = $search->best();
        }
        $weigh = static fn(Sequence $one): float => self::weighed($workload, $spread, $one, self::WEIGHED, $seed)->cost;
        [$best, $least] = [$plain, $weigh($plain)];
        // A search comes by the same plan many times; it is weighed once.
        $weighed = [serialize($plain->batches) => true];
        foreach ($found as $one) {
            $sign = serialize($one->batches);
            if (isset($weighed[$sign])) {
                continue;
            }
            $weighed[$sign] = true;
            $cost = $weigh($one);
            [$best, $least] = $cost < $least ? [$one, $cost] : [$best, $least];
        }
        $best = $iterations === 0 || ($isWanted !== null && ! $isWanted()) ? $best : self::mended($workload, $spread, $best, $least, $seed);
        $plainExpected = self::weighed($workload, $spread, $plain, ExpectedCost::RUNS, $seed);
        $expected = self::weighed($workload, $spread, $best, ExpectedCost::RUNS, $seed);

        $isBetter = $expected->cost < $plainExpected->cost;
        if ($isBetter && Search::costOf($workload, $best) < Search::costOf($workload, $plain)) {
            // On the way one was found that is cheaper on paper too.
            [$plain, $plainExpected] = [$best, $expected];
        }

        return $isBetter
            ? new self($best, $expected, $plain, $plainExpected)
            : new self($plain, $plainExpected, $plain, $plainExpected);
    }

    /** Whether it saves enough on the average, or keeps so many promises more, that somebody should see both plans. */
    public function isWorthALook(): bool
    {
        return $this->expected->cost < (1 - self::WORTH) * $this->plainExpected->cost
            || $this->expected->kept > $this->plainExpected->kept + self::KEPT;
    }

    /** What is late most is tried at the cheapest of its other places, as long as that helps. */
    private static function mended(Workload $workload, Spread $spread, Sequence $best, float $least, int $seed): Sequence
    {
        // In a large shop each replay is long.
        $left = intdiv(self::MOVES * self::FEW, max(self::FEW, count($workload->batches)));
        $tried = [];
        while ($left > 0) {
            $timed = Timetable::of($workload, $best);
            $worst = self::worst($timed, $spread, $seed, $tried);
            if ($worst === null) {
                break;
            }
            $tried[$worst] = true;
            foreach (array_slice(Options::of($timed, $worst, self::PLACES)->all, 0, self::PLACES) as $option) {
                if ($left-- <= 0) {
                    break;
                }
                $cost = self::weighed($workload, $spread, $option->sequence, self::WEIGHED, $seed)->cost;
                if ($cost < $least - 1e-9) {
                    [$best, $least, $tried] = [$option->sequence, $cost, []];
                    break;
                }
            }
        }

        return $best;
    }

    /**
     * The batch that is late most on the average and may be moved.
     *
     * @param array<array-key, true> $tried
     */
    private static function worst(Timetable $timed, Spread $spread, int $seed, array $tried): ?string
    {
        $drawn = Replays::of($timed, $spread, self::WEIGHED, $seed);
        $most = 0.0;
        $worst = null;
        foreach ($timed->placed as $i => $placed) {
            $batch = $placed->batch;
            if (isset($tried[$batch->id]) || $batch->stays()) {
                continue;
            }
            $late = 0.0;
            foreach ($drawn->ends[$i] ?? [] as $end) {
                $late += max(0, $end - $batch->promise->dueAt) * $batch->promise->weight;
            }
            if ($late > $most) {
                [$most, $worst] = [$late, $batch->id];
            }
        }

        return $worst;
    }

    /** What a plan costs on the average of so many runs. */
    public static function weighed(
        Workload $workload,
        Spread $spread,
        Sequence $sequence,
        int $runs,
        int $seed,
    ): ExpectedCost {
        return ExpectedCost::of(Timetable::of($workload, $sequence), $spread, $runs, $seed);
    }

    private static function sooner(Workload $workload, int $minutes): Workload
    {
        return $workload->with(array_values(array_map(
            static fn(BatchJob $batch): BatchJob => $batch->promised(new Promise(
                $batch->promise->readyAt,
                $batch->promise->dueAt - 60 * $minutes,
                $batch->promise->weight,
                $batch->promise->isEvent,
            )),
            $workload->batches,
        )));
    }
}
