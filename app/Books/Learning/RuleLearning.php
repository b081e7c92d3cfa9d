<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Books\Models\DismissedSuggestion;
use App\Foundation\Words\Words;
use App\Shop\Actions\RuleChange;
use App\Shop\Figure;
use App\Shop\House;
use App\Shop\RuleWords;
use Carbon\CarbonImmutable;
use Hakama\Books\TimeFactor;
use Hakama\Garment\Garment;
use Hakama\House\HouseRule;
use Hakama\Thread\LearnedConstants;

/**
 * What the log says of the figures the house reckons with: hooping, breaks, spoilage, bobbin thread. Offered with how much
 * it comes from, taken as a change of the house rule, or left; never silent.
 */
final readonly class RuleLearning
{
    /** Who hooped fewer has not shown yet how they go. */
    private const LEAST_TO_STAND_OUT = 5;

    public function __construct(
        private House $house,
        private RuleChange $rules,
        private LoggedWork $log,
        private BreakLearning $breaks,
        private SpoilageLearning $spoilage,
        private BoughtStock $bought,
    ) {}

    /** @return list<RuleSuggestion> of everything of which enough is logged */
    public function offers(): array
    {
        $left = DismissedSuggestion::query()->get()->keyBy('about');
        $of = fn(string $about): ?array => $left[$about]->figures ?? null;

        return array_values(
            array_filter([
                $this->hooping(HouseRule::HoopTime, false, $of(HouseRule::HoopTime->value)),
                $this->hooping(HouseRule::CapHoopTime, true, $of(HouseRule::CapHoopTime->value)),
                $this->drivers($of(HouseRule::DriverTime->value)),
                $this->breaks->offer($of(HouseRule::BreakRate->value)),
                $this->spoilage->ofTheHouse($of(HouseRule::QuoteSpoilage->value)),
                $this->bobbins($of(HouseRule::BobbinPerLength->value)),
                ...$this->bought->offers($of),
            ]),
        );
    }

    public function find(string $about): ?RuleSuggestion
    {
        foreach ($this->offers() as $offer) {
            if ($offer->about === $about) {
                return $offer;
            }
        }

        return null;
    }

    public function take(RuleSuggestion $offer): void
    {
        $this->rules->set($offer->would);
    }

    public function leave(RuleSuggestion $offer, string $who): void
    {
        DismissedSuggestion::query()->updateOrCreate(
            ['about' => $offer->about],
            ['figures' => $offer->would, 'who' => mb_substr($who, 0, 40), 'left_at' => CarbonImmutable::now()],
        );
    }

    /** @param array<string, float>|null $left */
    private function hooping(HouseRule $rule, bool $caps, ?array $left): ?RuleSuggestion
    {
        $logged = array_values(
            array_filter($this->log->hoopings(), static fn(array $one): bool => $one['caps'] === $caps),
        );
        /** @param list<array{reckonedS: float, tookS: float}> $of */
        $times = static fn(array $of): array => array_map(
            static fn(array $one): array => [(float) $one['reckonedS'], (float) $one['tookS']],
            array_values($of),
        );
        $learned = TimeFactor::of($times($logged));
        if ($learned === null) {
            return null;
        }
        $now = $this->house->rules()->value($rule);
        $would = round($now * $learned->factor, 1);
        [$by, $of] = [[], []];
        foreach ($logged as $one) {
            $label = $one['who'].', '.Words::say(Garment::from($one['garment'])->label());
            $by[$label][] = $one;
            $of[$one['garment']][$label][] = $one['tookS'] / $one['reckonedS'];
        }
        ksort($by);
        $rows = [];
        foreach ($by as $label => $some) {
            $its = TimeFactor::of($times($some));
            assert($its !== null);
            $alike = $of[$some[0]['garment']];
            $own = $alike[$label];
            unset($alike[$label]);
            $others = array_merge(...array_values($alike));
            $stands = count($own) >= self::LEAST_TO_STAND_OUT && TimeFactor::standOut($own, $others);
            $rows[] = [
                $label,
                __('books.rule_learning.seconds_in', [
                    'seconds' => Figure::words($now * $its->factor),
                    'times' => $its->n,
                ]).match (true) {
                    ! $stands => '',
                    array_sum($own) / count($own) > array_sum($others) / count($others) => __('books.rule_learning.slower_than_the_others'),
                    default => __('books.rule_learning.faster_than_the_others'),
                },
                TimeFactor::hasShifted($own),
            ];
        }
        $pieces = $this->log->openPieces($caps);
        $minutes = ($pieces * ($would - $now)) / 60;

        return new RuleSuggestion(
            $rule->value,
            RuleWords::label($rule),
            [$rule->value => $now],
            [$rule->value => $would],
            __('books.rule_learning.the_last_hooped_by_one_person', ['n' => $learned->n]),
            sprintf('± %s %%', Figure::words(100 * $learned->spread)),
            $rows,
            Impact::words($this->house, $pieces, __('books.rule_learning.pieces_to_hoop'), $minutes),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function drivers(?array $left): ?RuleSuggestion
    {
        $rules = $this->house->rules();
        $rule = HouseRule::DriverTime;
        $now = $rules->value($rule);
        $logged = $this->log->driverChanges();
        // A driver comes with another frame, and with the load that every batch wants.
        $besideS = 60 * ($rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime));
        $reckonedS = $besideS + 60 * $now;
        $of = static fn(array $some): ?TimeFactor => TimeFactor::of(
            array_map(static fn(array $one): array => [$reckonedS, (float) $one['tookS']], array_values($some)),
        );
        $minutes = static fn(TimeFactor $its): float => max(1.0, round(($its->factor * $reckonedS - $besideS) / 60, 1));
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
                __('books.rule_learning.min_in', ['its' => Figure::words($minutes($its), 1), 'n' => $its->n]),
                TimeFactor::hasShifted(array_map(static fn(array $one): float => $one['tookS'] / $reckonedS, $some)),
            ];
        }
        $would = $minutes($learned);

        return new RuleSuggestion(
            $rule->value,
            RuleWords::label($rule),
            [$rule->value => $now],
            [$rule->value => $would],
            __('books.rule_learning.the_last_driver_changes_minus_planned', ['n' => $learned->n]),
            sprintf('± %s %%', Figure::words(100 * $learned->spread)),
            $rows,
            __('books.rule_learning.each_driver_change_in_the_plan', [
                'would' => Figure::words($would, 1),
                'now' => Figure::words($now, 1),
            ]),
            $left,
        );
    }

    /** @param array<string, float>|null $left */
    private function bobbins(?array $left): ?RuleSuggestion
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

        return new RuleSuggestion(
            HouseRule::BobbinPerLength->value,
            __('books.rule_learning.bobbin_thread'),
            [
                HouseRule::BobbinPerLength->value => $rules->value(HouseRule::BobbinPerLength),
                HouseRule::BobbinPerStitch->value => $rules->value(HouseRule::BobbinPerStitch),
            ],
            $would,
            __('books.rule_learning.bobbins_that_ran_out_m_each', [
                'n' => $learned->n,
                'holds_mm' => Figure::words($holdsMm / 1000),
            ]),
            sprintf(
                '± %s, ± %s mm',
                Figure::words($learned->spreadLength, 3),
                Figure::words($learned->spreadStitchMm, 3),
            ),
            [],
            __('books.rule_learning.pieces_per_bobbin_and_the_bobbin'),
            $left,
        );
    }
}
