<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

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
        $stands = static fn(Text $what, Text $because, float $takesS): Act => new Act(
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
                    new Text('floor.act_because.halted'),
                    $now->haltedBy === EventKind::ThreadBroke ? $times->breakS : $times->stopS,
                ),
            ],
            Stage::Sewn => [$stands(new Text('floor.act.swap'), new Text('floor.act_because.sewn'), $times->swapS)],
            Stage::Preflight => [$stands(new Text('floor.act.preflight'), new Text('floor.act_because.preflight'), $times->listS)],
            Stage::Ready => $now->frames->missing() <= 0
                ? [$stands(new Text('floor.act.start'), new Text('floor.act_because.ready'), $times->swapS)]
                : [self::hoop($now, new Text('floor.act_because.too_little_hooped'), true, 0.0)],
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
                    new Text('floor.act_because.load_ends', [
                        'ends' => Act::minutes($now->leftS),
                        'count' => $missing,
                        'takes' => Act::minutes($missing * $now->frames->hoopS),
                    ]),
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
                    new Text('floor.act_because.prepare'),
                    $now->prepareS,
                ),
            ];
    }

    private static function hoop(MachineNow $now, Text $because, bool $stands, float $slackS): Act
    {
        $missing = max(1, $now->frames->missing());

        return new Act(
            $now->machine,
            new Text('floor.act.hoop_more', ['count' => $missing]),
            $stands,
            $slackS,
            $because,
            $missing * $now->frames->hoopS,
            true,
        );
    }

    private static function halt(?EventKind $by): Text
    {
        return match ($by) {
            EventKind::ThreadBroke => new Text('floor.act.thread_broke'),
            EventKind::BobbinRanOut => new Text('floor.act.bobbin_ran_out'),
            EventKind::HandStop => new Text('floor.act.hand_stop'),
            default => new Text('floor.act.look_why'),
        };
    }
}
