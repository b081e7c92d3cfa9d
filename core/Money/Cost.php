<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Decimal;
use Hakama\Words\Money;
use Hakama\Words\Text;

/** What a job costs the shop, line by line: each rounded on its own, the total their sum. */
final readonly class Cost
{
    /** @param list<CostLine> $lines */
    private function __construct(public array $lines) {}

    public static function planned(Job $job, Rates $rates): self
    {
        $n = $job->pieces;
        $lines = [];
        $lines[] = new CostLine(
            CostCategory::Blank,
            null,
            $job->blank * $n,
            $job->blank === 0
                ? new Text('money.cost_from.customer_brings')
                : new Text('money.cost_from.pieces', ['pieces' => $n, 'each' => new Money($job->blank)]),
        );
        $atRisk = $job->blankValue * $n;
        foreach ($job->works as $work) {
            $of = self::work($work, $n, $rates);
            $atRisk += self::sum($of);
            array_push($lines, ...$of);
        }
        $lines[] = new CostLine(CostCategory::Artwork, null, $job->artwork, new Text('money.cost_from.once'));
        $lines[] = $rates->spoilage->line($atRisk);
        $above = self::sum($lines);
        $lines[] = new CostLine(
            CostCategory::Overhead,
            null,
            Amount::of($above)->percent($rates->overhead)->cents(),
            new Text('money.cost_from.overhead', [
                'percent' => self::figure($rates->overhead),
                'of' => new Money($above),
            ]),
        );

        return new self($lines);
    }

    /**
     * What it really came to, by the same lines: machine time by the machine's clock, stuff and hands for every piece that
     * was sewn, spoiled ones among them, and for those what the garment is worth.
     *
     * @param list<Done> $done
     */
    public static function real(Job $job, Rates $rates, array $done): self
    {
        $pieces = max([0, ...array_map(static fn(Done $one): int => $one->pieces, $done)]);
        $lines = [new CostLine(CostCategory::Blank, null, $job->blank * $pieces, new Text('money.cost_from.pieces', [
            'pieces' => $pieces,
            'each' => new Money($job->blank),
        ]))];
        $spoiled = 0;
        foreach ($done as $one) {
            $spoiled += $one->spoiled;
            foreach (self::work($one->work, $one->sewn(), $rates) as $line) {
                $lines[] = $line->about === CostCategory::Machine ? self::clocked($one, $rates) : $line;
            }
        }
        $lines[] = new CostLine(CostCategory::Artwork, null, $job->artwork, new Text('money.cost_from.once'));
        $lines[] = new CostLine(
            CostCategory::Spoilage,
            null,
            $spoiled * $job->blankValue,
            new Text('money.cost_from.spoiled', ['pieces' => $spoiled, 'each' => new Money($job->blankValue)]),
        );
        $above = self::sum($lines);
        $lines[] = new CostLine(
            CostCategory::Overhead,
            null,
            Amount::of($above)->percent($rates->overhead)->cents(),
            new Text('money.cost_from.overhead', [
                'percent' => self::figure($rates->overhead),
                'of' => new Money($above),
            ]),
        );

        return new self($lines);
    }

    private static function clocked(Done $done, Rates $rates): CostLine
    {
        return new CostLine(
            CostCategory::Machine,
            $done->work->name,
            self::hours($done->work->setupMin, $done->machineS, $rates->machineH)->cents(),
            new Text('money.cost_from.clocked', [
                'minutes' => self::figure($done->work->setupMin),
                'seconds' => (int) round($done->machineS),
                'hour' => new Money($rates->machineH),
            ]),
        );
    }

    /** Of one line; 0 where there is none. */
    public function of(CostCategory $about, ?string $decoration): int
    {
        return self::sum(
            array_values(
                array_filter(
                    $this->lines,
                    static fn(CostLine $line): bool => $line->about === $about && $line->decoration === $decoration,
                ),
            ),
        );
    }

    public function cents(): int
    {
        return self::sum($this->lines);
    }

    /** @return list<CostLine> */
    private static function work(Work $work, int $n, Rates $rates): array
    {
        $loads = (int) ceil($n / $work->perLoad);
        $thread = static fn(float $m, int $km): array => [
            Amount::of($m)->times($n)->times($km)->per(1000),
            new Text('money.cost_from.thread', ['metres' => self::figure($m), 'pieces' => $n, 'km' => new Money($km)]),
        ];
        $cloth = static fn(float $cm2, int $m2): array => [
            Amount::of($cm2)->times($n)->times($m2)->per(10_000),
            new Text('money.cost_from.cloth', ['cm2' => self::figure($cm2), 'pieces' => $n, 'm2' => new Money($m2)]),
        ];
        $lines = [
            [CostCategory::TopThread, ...$thread($work->materials->topM, $rates->threadKm)],
            [CostCategory::BobbinThread, ...$thread($work->materials->bobbinM, $rates->bobbinKm)],
            [CostCategory::Backing, ...$cloth($work->materials->backing, $rates->backingM2)],
            [CostCategory::Topper, ...$cloth($work->materials->topper, $rates->topperM2)],
            [CostCategory::Applique, ...$cloth($work->materials->applique, $rates->appliqueM2)],
            ...$work->materials->hardware === 0 ? [] : [[
                CostCategory::Applique,
                Amount::of($work->materials->hardware)->times($n),
                new Text('money.cost_from.hardware', ['pieces' => $n, 'each' => new Money($work->materials->hardware)]),
            ]],
            [
                CostCategory::Machine,
                self::hours($work->setupMin, $loads * $work->sewS, $rates->machineH),
                new Text('money.cost_from.machine', [
                    'minutes' => self::figure($work->setupMin),
                    'loads' => $loads,
                    'seconds' => self::figure($work->sewS),
                    'hour' => new Money($rates->machineH),
                ]),
            ],
            [
                CostCategory::Hands,
                $rates->hands->cents($work->setupMin, $n * $work->hoopS, $n * $work->finishS),
                new Text('money.cost_from.hands', [
                    'minutes' => self::figure($work->setupMin),
                    'pieces' => $n,
                    'seconds' => self::figure($work->hoopS + $work->finishS),
                    'rate' => $rates->hands->words(),
                ]),
            ],
        ];

        return array_map(
            static fn(array $line): CostLine => new CostLine($line[0], $work->name, $line[1]->cents(), $line[2]),
            $lines,
        );
    }

    /** With no more digits than it has, two at most. */
    private static function figure(float $value): Decimal
    {
        return new Decimal($value, match (true) {
            abs($value - round($value)) < 1e-9 => 0,
            abs($value - round($value, 1)) < 1e-9 => 1,
            default => 2,
        });
    }

    /** Minutes and seconds at so many cents an hour. */
    private static function hours(float $minutes, float $seconds, int $centsH): Amount
    {
        return Amount::of($minutes)->times($centsH)->per(60)->plus(Amount::of($seconds)->times($centsH)->per(3600));
    }

    /** @param list<CostLine> $lines */
    private static function sum(array $lines): int
    {
        return array_sum(array_map(static fn(CostLine $line): int => $line->cents, $lines));
    }
}
