<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * What hands are wanted for, first what keeps a machine from sewing: those that stand, the ones behind their promise first;
 * then hooping, by when it has to be begun so that the next load is ready when this one ends (least slack first).
 */
final class Acts
{
    /**
     * @param list<MachineNow> $machines
     *
     * @return list<Act> in the order in which they keep machines sewing
     */
    public static function of(array $machines): array
    {
        $acts = [];
        foreach ($machines as $i => $now) {
            foreach (self::at($now) as $act) {
                $acts[] = [$act->stands ? 0 : 1, $act->stands ? -$now->late : $act->slackS, $i, $act];
            }
        }
        usort($acts, static fn(array $a, array $b): int => array_slice($a, 0, 3) <=> array_slice($b, 0, 3));

        return array_column($acts, 3);
    }

    /** @return list<Act> */
    private static function at(MachineNow $now): array
    {
        return match ($now->stage) {
            Stage::Halted => [
                new Act($now->machine, self::halt($now->haltedBy), true, 0.0, 'it stands until a hand has been there'),
            ],
            Stage::Sewn => [
                new Act($now->machine, 'take the load off and put the next on', true, 0.0, 'it is sewn and stands'),
            ],
            Stage::Preflight => [
                new Act($now->machine, 'go through the list before the first load', true, 0.0, 'it stands'),
            ],
            Stage::Ready => $now->ahead >= min($now->aLoad, $now->waiting)
                ? [new Act($now->machine, 'start the next load', true, 0.0, 'everything is hooped and it stands')]
                : [self::hoop($now, 'it stands with too little hooped', true, 0.0)],
            Stage::Sewing => self::ahead($now),
            Stage::Finished => [],
        };
    }

    /** @return list<Act> */
    private static function ahead(MachineNow $now): array
    {
        $missing = min($now->aLoad, $now->waiting) - $now->ahead;
        if ($missing <= 0) {
            return [];
        }
        if ($now->free <= 0) {
            return [];
        }
        $missing = min($missing, $now->free);
        $slack = $now->leftS - $missing * $now->hoopS;

        return [
            self::hoop(
                $now,
                sprintf(
                    'the load ends in %s, hooping %s takes %s',
                    Act::minutes($now->leftS),
                    $missing === 1 ? 'one' : $missing,
                    Act::minutes($missing * $now->hoopS),
                ),
                false,
                $slack,
            ),
        ];
    }

    private static function hoop(MachineNow $now, string $because, bool $stands, float $slackS): Act
    {
        $missing = max(1, min($now->aLoad, $now->waiting) - $now->ahead);

        return new Act(
            $now->machine,
            sprintf('hoop %s more', $missing === 1 ? 'one' : $missing),
            $stands,
            $slackS,
            $because,
        );
    }

    private static function halt(?EventKind $by): string
    {
        return match ($by) {
            EventKind::ThreadBroke => 'rethread, step back a few stitches, go on',
            EventKind::BobbinRanOut => 'change the bobbin, go on',
            EventKind::HandStop => 'do what is written at this stop, go on',
            default => 'look why it was stopped, go on',
        };
    }
}
