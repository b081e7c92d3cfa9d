<?php

declare(strict_types=1);

namespace Hakama\Floor\Care;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** One thing a machine wants after so many stitches or days, and how far that is. */
final readonly class CareDue
{
    /**
     * @param int|null $needle of a needle alone
     * @param int      $used   stitches or days since it was done
     * @param int      $after  as many as it is done after
     * @param bool     $isDays whether days are counted, not stitches
     */
    private function __construct(
        public CareTask $task,
        public ?int $needle,
        public int $used,
        public int $after,
        public bool $isDays,
    ) {}

    /**
     * What a machine wants, what is nearest first.
     *
     * @param array<int, int> $needles     number => stitches it has sewn since it was fitted
     * @param int             $sinceOil    stitches of a head since its hook was oiled
     * @param int|null        $daysTension since the tension was tried; null where nobody has noted that
     *
     * @return non-empty-list<self>
     */
    public static function of(HouseRules $rules, array $needles, int $sinceOil, ?int $daysTension): array
    {
        $days = (int) $rules->value(HouseRule::TensionDays);
        $all = [
            new self(CareTask::Oil, null, $sinceOil, (int) $rules->value(HouseRule::OilStitches), false),
            new self(CareTask::Tension, null, $daysTension ?? $days, $days, true),
        ];
        $after = (int) $rules->value(HouseRule::NeedleStitches);
        foreach ($needles as $number => $stitches) {
            $all[] = new self(CareTask::Needle, $number, $stitches, $after, false);
        }
        usort($all, static fn(self $a, self $b): int => $b->share() <=> $a->share());

        return $all;
    }

    /** How much of the time until it is due has gone by; one and more: it is due. */
    public function share(): float
    {
        return $this->used / max(1, $this->after);
    }

    public function isDue(): bool
    {
        return $this->used >= $this->after;
    }

    /**
     * During which batch it becomes due; null where it is due already, counts days, or lasts beyond them.
     *
     * @param array<array-key, int> $ahead batch => stitches it puts on that needle or hook, in the order they are sewn
     */
    public function during(array $ahead): int|string|null
    {
        if ($this->isDays || $this->isDue()) {
            return null;
        }
        $sewn = $this->used;
        foreach ($ahead as $batch => $stitches) {
            $sewn += $stitches;
            if ($sewn >= $this->after) {
                return $batch;
            }
        }

        return null;
    }
}
