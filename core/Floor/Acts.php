<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * What hands are wanted for, first what keeps a machine from sewing: those that stand, the ones behind their promise first
 * and of the others what is soonest done, since the rest waits meanwhile. Then hooping, and what the next batch wants once
 * this one is hooped out, by when it has to be begun so that the machine goes on when its load ends (least slack first).
 */
final class Acts
{
    /**
     * @param list<MachineNow> $machines
     *
     * @return list<Act> in the order in which they keep machines sewing
     */
    public static function of(array $machines, HandTimes $times): array
    {
        $acts = [];
        foreach ($machines as $i => $now) {
            foreach (self::at($now, $times) as $act) {
                $acts[] = [$act->stands ? 0 : 1, $act->stands ? -$now->late : $act->slackS, $act->takesS, $i, $act];
            }
        }
        usort($acts, static fn(array $a, array $b): int => array_slice($a, 0, 4) <=> array_slice($b, 0, 4));

        return array_column($acts, 4);
    }

    /** @return list<Act> */
    private static function at(MachineNow $now, HandTimes $times): array
    {
        $stands = static fn(string $what, string $because, float $takesS): Act => new Act(
            $now->machine,
            $what,
            true,
            0.0,
            $because,
            $takesS,
        );

        return match ($now->stage) {
            Stage::Halted => [
                $stands(
                    self::halt($now->haltedBy),
                    'it stands until a hand has been there',
                    $now->haltedBy === EventKind::ThreadBroke ? $times->breakS : $times->stopS,
                ),
            ],
            Stage::Sewn => [$stands('take the load off and put the next on', 'it is sewn and stands', $times->swapS)],
            Stage::Preflight => [$stands('go through the list before the first load', 'it stands', $times->listS)],
            Stage::Ready => $now->frames->missing() <= 0
                ? [$stands('start the next load', 'everything is hooped and it stands', $times->swapS)]
                : [self::hoop($now, 'it stands with too little hooped', true, 0.0)],
            Stage::Sewing => self::ahead($now),
            Stage::Finished => [],
        };
    }

    /** @return list<Act> */
    private static function ahead(MachineNow $now): array
    {
        $missing = $now->frames->missing();
        if ($missing > 0 && $now->frames->free > 0) {
            $missing = min($missing, $now->frames->free);

            return [
                self::hoop(
                    $now,
                    sprintf(
                        'the load ends in %s, hooping %s takes %s',
                        Act::minutes($now->leftS),
                        $missing === 1 ? 'one' : $missing,
                        Act::minutes($missing * $now->frames->hoopS),
                    ),
                    false,
                    $now->leftS - $missing * $now->frames->hoopS,
                ),
            ];
        }

        return $missing > 0 || $now->prepare === '' || $now->frames->waiting > $now->frames->ahead
            ? []
            : [
                new Act(
                    $now->machine,
                    $now->prepare,
                    false,
                    $now->leftS - $now->prepareS,
                    'all of its batch is hooped: what comes next is made ready while it sews',
                    $now->prepareS,
                ),
            ];
    }

    private static function hoop(MachineNow $now, string $because, bool $stands, float $slackS): Act
    {
        $missing = max(1, $now->frames->missing());

        return new Act(
            $now->machine,
            sprintf('hoop %s more', $missing === 1 ? 'one' : $missing),
            $stands,
            $slackS,
            $because,
            $missing * $now->frames->hoopS,
            true,
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
