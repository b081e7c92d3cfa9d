<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Shop\Figure;
use App\Shop\House;
use App\Shop\RuleWords;
use Hakama\Books\LearnedRate;
use Hakama\House\HouseRule;

/** How often thread breaks, by the log: in all as a house rule, and at which machine and with which thread it breaks. */
final readonly class BreakLearning
{
    /** So many thousand stitches that went as reckoned are put to what was logged. */
    private const WEIGHT = 30.0;

    public function __construct(private House $house, private LoggedWork $log, private LoggedBreaks $breaks) {}

    /** @param array<string, float>|null $left */
    public function offer(?array $left): ?RuleSuggestion
    {
        $by = $this->breaks->byMachine();
        $rule = HouseRule::BreakRate;
        $now = $this->house->rules()->value($rule);
        $rate = LearnedRate::of(
            array_sum(array_column($by, 'breaks')),
            array_sum(array_column($by, 'thousands')),
            $now,
            self::WEIGHT,
        );
        if ($rate === null) {
            return null;
        }
        $would = round($rate->rate, 3);
        $thousands = $this->log->openStitches() / 1000;
        $minutes = ($thousands * ($would - $now) * $this->house->rules()->value(HouseRule::BreakTime)) / 60;

        return new RuleSuggestion(
            $rule->value,
            RuleWords::label($rule),
            [$rule->value => $now],
            [$rule->value => $would],
            __('books.break_learning.in_stitches', [
                'breaks' => $rate->n,
                'stitches' => Figure::words(1000 * $rate->of),
            ]),
            sprintf('± %s', Figure::words($rate->spread, 3)),
            [
                ...self::rows(
                    array_map(
                        static fn(array $one): array => [
                            $one['machine'].($one['needle'] === '' ? '' : __('books.break_learning.most_at_needle', [
                                'needle' => $one['needle'],
                            ])),
                            $one['breaks'],
                            $one['thousands'],
                        ],
                        $by,
                    ),
                ),
                ...self::rows(
                    array_map(
                        static fn(array $one): array => [
                            $one['thread'] === '' ? __('books.break_learning.all_other_threads') : $one['thread'],
                            $one['breaks'],
                            $one['thousands'],
                        ],
                        $this->breaks->byThread(),
                    ),
                ),
            ],
            Impact::words(
                $this->house,
                (int) round(1000 * $thousands),
                __('books.break_learning.stitches_to_sew'),
                $minutes,
            ),
            $left,
        );
    }

    /**
     * @param list<array{string, int, float}> $some of what, breaks, thousand stitches
     *
     * @return list<array{string, string, bool}>
     */
    private static function rows(array $some): array
    {
        [$breaks, $thousands] = [array_sum(array_column($some, 1)), array_sum(array_column($some, 2))];

        return array_map(
            static fn(array $one): array => [
                $one[0],
                __('books.break_learning.a_thousand', [
                    'rate' => Figure::words($one[2] > 0 ? $one[1] / $one[2] : 0.0, 3),
                    'breaks' => $one[1],
                    'stitches' => Figure::words(1000 * $one[2]),
                    'more' => LearnedRate::standsOut($one[1], $one[2], $breaks - $one[1], $thousands - $one[2])
                        ? __('books.break_learning.more_than_with_the_others')
                        : '',
                ]),
                false,
            ],
            $some,
        );
    }
}
