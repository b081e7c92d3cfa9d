<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\LeftOffer;
use App\Rules\RuleChange;
use App\Shop\Figure;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Books\Learned;
use Hakama\Books\LearnedRate;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use Hakama\Thread\LearnedConstants;

/**
 * What the log says of the figures the house reckons with: hooping, breaks, spoilage, bobbin thread. Offered with how much
 * it comes from, taken as a change of the house rule, or left; never silent.
 */
final readonly class RuleLearning
{
    /** So many thousand stitches, and so many pieces, that went as reckoned are put to what was logged. */
    private const BREAKS_WEIGHT = 30.0;
    private const SPOILED_WEIGHT = 20.0;
    /** Who hooped fewer has not shown yet how they go. */
    private const LEAST_TO_STAND_OUT = 5;

    public function __construct(
        private House $house,
        private RuleChange $rules,
        private LoggedWork $log,
        private BoughtStock $bought,
    ) {}

    /** @return list<RuleOffer> of everything of which enough is logged */
    public function offers(): array
    {
        $left = LeftOffer::query()->get()->keyBy('about');
        $of = fn(string $about): ?array => $left[$about]->figures ?? null;

        return array_values(
            array_filter([
                $this->hooping(HouseRule::HoopTime, false, $of(HouseRule::HoopTime->value)),
                $this->hooping(HouseRule::CapHoopTime, true, $of(HouseRule::CapHoopTime->value)),
                $this->drivers($of(HouseRule::DriverTime->value)),
                $this->breaks($of(HouseRule::BreakRate->value)),
                $this->spoiled($of(HouseRule::QuoteSpoilage->value)),
                $this->bobbins($of(HouseRule::BobbinPerLength->value)),
                ...$this->bought->offers($of),
            ]),
        );
    }

    public function find(string $about): ?RuleOffer
    {
        foreach ($this->offers() as $offer) {
            if ($offer->about === $about) {
                return $offer;
            }
        }

        return null;
    }

    public function take(RuleOffer $offer): void
    {
        $this->rules->set($offer->would);
    }

    public function leave(RuleOffer $offer, string $who): void
    {
        LeftOffer::query()->updateOrCreate(
            ['about' => $offer->about],
            ['figures' => $offer->would, 'who' => mb_substr($who, 0, 40), 'left_at' => CarbonImmutable::now()],
        );
    }

    /** @param array<string, float>|null $left */
    private function hooping(HouseRule $rule, bool $caps, ?array $left): ?RuleOffer
    {
        $logged = array_values(
            array_filter($this->log->hoopings(), static fn(array $one): bool => $one['caps'] === $caps),
        );
        $times = static fn(array $of): array => array_map(
            static fn(array $one): array => [$one['reckonedS'], $one['tookS']],
            $of,
        );
        $learned = Learned::of($times($logged));
        if ($learned === null) {
            return null;
        }
        $now = $this->house->rules()->value($rule);
        $would = round($now * $learned->factor, 1);
        [$by, $of] = [[], []];
        foreach ($logged as $one) {
            $label = $one['who'].', '.Garment::from($one['garment'])->label();
            $by[$label][] = $one;
            $of[$one['garment']][$label][] = $one['tookS'] / $one['reckonedS'];
        }
        ksort($by);
        $rows = [];
        foreach ($by as $label => $some) {
            $its = Learned::of($times($some));
            assert($its !== null);
            $alike = $of[$some[0]['garment']];
            $own = $alike[$label];
            unset($alike[$label]);
            $others = array_merge(...array_values($alike));
            $stands = count($own) >= self::LEAST_TO_STAND_OUT && Learned::standOut($own, $others);
            $rows[] = [
                $label,
                sprintf('%s s in %d', Figure::words($now * $its->factor), $its->n).match (true) {
                    ! $stands => '',
                    array_sum($own) / count($own) > array_sum($others) / count($others) => ', slower than the others',
                    default => ', faster than the others',
                },
                Learned::hasShifted($own),
            ];
        }
        $pieces = $this->log->openPieces($caps);
        $minutes = ($pieces * ($would - $now)) / 60;

        return new RuleOffer(
            $rule->value,
            RuleSpec::of($rule)->label,
            [$rule->value => $now],
            [$rule->value => $would],
            sprintf('the last %d hooped by one and the same person after another', $learned->n),
            sprintf('± %s %%', Figure::words(100 * $learned->spread)),
            $rows,
            $this->brings($pieces, 'pieces to hoop', $minutes, $minutes),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function drivers(?array $left): ?RuleOffer
    {
        $rules = $this->house->rules();
        $rule = HouseRule::DriverTime;
        $now = $rules->value($rule);
        $logged = $this->log->driverChanges();
        // A driver comes with another frame, and with the load that every batch wants.
        $besideS = 60 * ($rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime));
        $reckonedS = $besideS + 60 * $now;
        $of = static fn(array $some): ?Learned => Learned::of(
            array_map(static fn(array $one): array => [$reckonedS, $one['tookS']], $some),
        );
        $minutes = static fn(Learned $its): float => max(1.0, round(($its->factor * $reckonedS - $besideS) / 60, 1));
        $learned = $of($logged);
        if ($learned === null) {
            return null;
        }
        $by = [];
        foreach ($logged as $one) {
            $by["{$one['machine']}, {$one['from']} to {$one['to']}"][] = $one;
        }
        ksort($by);
        $rows = [];
        foreach ($by as $label => $some) {
            $its = $of($some);
            assert($its !== null);
            $rows[] = [
                $label,
                sprintf('%s min in %d', Figure::words($minutes($its), 1), $its->n),
                Learned::hasShifted(array_map(static fn(array $one): float => $one['tookS'] / $reckonedS, $some)),
            ];
        }
        $would = $minutes($learned);

        return new RuleOffer(
            $rule->value,
            RuleSpec::of($rule)->label,
            [$rule->value => $now],
            [$rule->value => $would],
            sprintf('the last %d changes of driver, less what load and frame are reckoned with', $learned->n),
            sprintf('± %s %%', Figure::words(100 * $learned->spread)),
            $rows,
            sprintf(
                'Each change of driver in the plan would take %s min, not %s; a machine with minutes of its own keeps them.',
                Figure::words($would, 1),
                Figure::words($now, 1),
            ),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function breaks(?array $left): ?RuleOffer
    {
        $by = $this->log->breaks();
        $rule = HouseRule::BreakRate;
        $now = $this->house->rules()->value($rule);
        $rate = LearnedRate::of(
            (int) array_sum(array_column($by, 'breaks')),
            array_sum(array_column($by, 'thousands')),
            $now,
            self::BREAKS_WEIGHT,
        );
        if ($rate === null) {
            return null;
        }
        $would = round($rate->rate, 3);
        $thousands = $this->log->openStitches() / 1000;
        $minutes = ($thousands * ($would - $now) * $this->house->rules()->value(HouseRule::BreakTime)) / 60;

        return new RuleOffer(
            $rule->value,
            RuleSpec::of($rule)->label,
            [$rule->value => $now],
            [$rule->value => $would],
            sprintf('%d in %s stitches', $rate->n, Figure::words(1000 * $rate->of)),
            sprintf('± %s', Figure::words($rate->spread, 3)),
            array_map(
                static fn(array $one): array => [
                    $one['machine'].($one['needles'] === '' ? '' : ", most at needle {$one['needles']}"),
                    sprintf(
                        '%s a thousand, %d in %s',
                        Figure::words($one['thousands'] > 0 ? $one['breaks'] / $one['thousands'] : 0.0, 3),
                        $one['breaks'],
                        Figure::words(1000 * $one['thousands']),
                    ),
                    false,
                ],
                $by,
            ),
            $this->brings((int) round(1000 * $thousands), 'stitches to sew', $minutes, $minutes),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function spoiled(?array $left): ?RuleOffer
    {
        $by = $this->log->spoiled();
        $rule = HouseRule::QuoteSpoilage;
        $now = $this->house->rules()->value($rule);
        $rate = LearnedRate::of(
            (int) array_sum(array_column($by, 'spoiled')),
            array_sum(array_column($by, 'pieces')),
            $now / 100,
            self::SPOILED_WEIGHT,
        );
        if ($rate === null) {
            return null;
        }
        $would = round(100 * $rate->rate, 1);
        $pieces = $this->log->openPieces(null);

        return new RuleOffer(
            $rule->value,
            RuleSpec::of($rule)->label,
            [$rule->value => $now],
            [$rule->value => $would],
            sprintf('%d of %s pieces', $rate->n, Figure::words($rate->of)),
            sprintf('± %s %%', Figure::words(100 * $rate->spread, 1)),
            array_map(
                static fn(array $one): array => [
                    Fabric::from($one['fabric'])->label(),
                    sprintf(
                        '%s %%, %d of %d',
                        Figure::words((100 * $one['spoiled']) / max(1, $one['pieces']), 1),
                        $one['spoiled'],
                        $one['pieces'],
                    ),
                    false,
                ],
                $by,
            ),
            sprintf(
                'Of %s open pieces %s would be reckoned as spoiled, not %s.',
                Figure::words($pieces),
                Figure::words(($pieces * $would) / 100, 1),
                Figure::words(($pieces * $now) / 100, 1),
            ),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function bobbins(?array $left): ?RuleOffer
    {
        $rules = $this->house->rules();
        $holdsMm = 1000 * $rules->value(HouseRule::BobbinHolds);
        $learned = LearnedConstants::of(
            array_map(static fn(array $of): array => [...$of, $holdsMm], $this->log->bobbins()),
            $rules->value(HouseRule::ThreadWaste) / 100,
        );
        if ($learned === null) {
            return null;
        }
        $would = [
            HouseRule::BobbinPerLength->value => round($learned->perLength, 3),
            HouseRule::BobbinPerStitch->value => round($learned->perStitchMm, 3),
        ];

        return new RuleOffer(
            HouseRule::BobbinPerLength->value,
            'Bobbin thread',
            [
                HouseRule::BobbinPerLength->value => $rules->value(HouseRule::BobbinPerLength),
                HouseRule::BobbinPerStitch->value => $rules->value(HouseRule::BobbinPerStitch),
            ],
            $would,
            sprintf('%d bobbins that ran out, of %s m each', $learned->n, Figure::words($holdsMm / 1000)),
            sprintf(
                '± %s, ± %s mm',
                Figure::words($learned->spreadLength, 3),
                Figure::words($learned->spreadStitchMm, 3),
            ),
            [],
            'How many pieces a bobbin lasts is counted by it, and what an order costs in bobbin thread.',
            $left,
        );
    }

    private function brings(int $open, string $what, float $handMin, float $minutes): string
    {
        $cents = ($handMin * $this->house->rules()->value(HouseRule::HandHour)) / 60;

        return sprintf(
            '%s %s: %s min %s, open orders cost %s %s.',
            Figure::words($open),
            $what,
            Figure::words(abs($minutes), 1),
            $minutes < 0 ? 'less' : 'more',
            Figure::words(abs($cents) / 100, 2),
            $cents < 0 ? 'less' : 'more',
        );
    }
}
