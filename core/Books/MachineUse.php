<?php

declare(strict_types=1);

namespace Hakama\Books;

use Hakama\Floor\EventKind;

/** What became of the hours in which a machine could have sewn, seconds. */
final readonly class MachineUse
{
    /**
     * @param int $sewing   also what ran on after hours
     * @param int $stopped  thread, bobbin, somebody's hand at a stop
     * @param int $hands    between two loads of a batch: taken off, hooped, put on
     * @param int $changing until the next batch was set up
     * @param int $idle     the rest: nothing was told, or it stood longer than either of these takes
     */
    private function __construct(
        public int $sewing,
        public int $stopped,
        public int $hands,
        public int $changing,
        public int $idle,
    ) {}

    /**
     * @param list<array{int, EventKind}> $events     of one machine: when, and what, in order of time
     * @param list<array{int, int}>       $worked     [from, to) in which was worked, rising
     * @param int                         $idleAfterS a stand of more is not taken for work of hands
     */
    public static function of(array $events, array $worked, int $idleAfterS): self
    {
        $sum = ['sewing' => 0, 'stopped' => 0, 'hands' => 0, 'changing' => 0];
        [$since, $state, $inHours, $span] = [null, null, 0, 0];
        foreach ($events as [$time, $kind]) {
            $next = self::after($kind);
            if ($next === null) {
                continue;
            }
            if ($since !== null) {
                $was = match (true) {
                    $state !== 'standing' => $state,
                    $kind === EventKind::LoadStarted => 'hands',
                    $kind === EventKind::PreflightDone => 'changing',
                    default => null,
                };
                // One that stands goes on standing when a piece is counted.
                if ($was === null) {
                    continue;
                }
                // Times rise: what was over before this began is over for all that follow.
                while (isset($worked[$span]) && $worked[$span][1] <= $since) {
                    $span++;
                }
                $s = self::within($since, $time, $worked, $span);
                if ($was === 'sewing') {
                    $sum['sewing'] += $time - $since;
                    $inHours += $s;
                } elseif ($s <= $idleAfterS) {
                    $sum[$was] += $s;
                    $inHours += $s;
                }
            }
            [$since, $state] = [$time, $next];
        }
        $all = array_sum(array_map(static fn(array $span): int => $span[1] - $span[0], $worked));

        return new self($sum['sewing'], $sum['stopped'], $sum['hands'], $sum['changing'], max(0, $all - $inHours));
    }

    /** How a machine stands after something happened; null where that says nothing of it. */
    private static function after(EventKind $kind): ?string
    {
        return match (true) {
            $kind === EventKind::LoadStarted, $kind === EventKind::Resumed => 'sewing',
            $kind->halts() => 'stopped',
            in_array(
                $kind,
                [
                    EventKind::Sewn,
                    EventKind::PreflightDone,
                    EventKind::PieceDone,
                    EventKind::HoopingDone,
                    EventKind::PieceSpoiled,
                ],
                true,
            )
                => 'standing',
            default => null,
        };
    }

    /**
     * @param list<array{int, int}> $worked
     * @param int                   $span   the first of them that matters
     */
    private static function within(int $from, int $to, array $worked, int $span): int
    {
        $s = 0;
        for (; isset($worked[$span]) && $worked[$span][0] < $to; $span++) {
            [$begins, $ends] = $worked[$span];
            $s += max(0, min($to, $ends) - max($from, $begins));
        }

        return $s;
    }
}
