<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** The usual week: the hours of each of its days, as the shop has set them, else by the house rules. */
final readonly class Week
{
    private const FRIDAY = 5;

    /** @param array<int, list<array{int, int}>> $days weekday => [from, to) in seconds of the day */
    private function __construct(private array $days) {}

    /** @param array<int, list<array{int, int}>> $set weekday, 1 for Monday => its shifts; a day that is not here goes by rule */
    public static function of(HouseRules $rules, array $set = []): self
    {
        $days = [];
        foreach (range(1, 7) as $weekday) {
            $days[$weekday] = $set[$weekday] ?? self::byRule($rules, $weekday);
        }

        return new self($days);
    }

    /**
     * Monday to Friday the same day with its break, and the weekend free.
     *
     * @return list<array{int, int}> [from, to) in seconds of the day
     */
    public static function byRule(HouseRules $rules, int $weekday): array
    {
        $at = static fn(HouseRule $rule): int => (int) round(3600 * $rules->value($rule));

        return $weekday > self::FRIDAY
            ? []
            : Shifts::joined([
                [$at(HouseRule::DayStarts), $at(HouseRule::BreakStarts)],
                [$at(HouseRule::BreakEnds), $at(HouseRule::DayEnds)],
            ]);
    }

    /** @return list<array{int, int}> [from, to) in seconds of the day */
    public function shifts(int $weekday): array
    {
        return $this->days[$weekday];
    }

    /** How many of its days are worked, one at least. */
    public function workingDays(): int
    {
        return max(1, count(array_filter($this->days)));
    }
}
