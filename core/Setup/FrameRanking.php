<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Machine\Driver;
use Hakama\Machine\Frame;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Turn;

/** The shop's frames for one design, best first: it fits, least to change from what is mounted, smallest. */
final readonly class FrameRanking
{
    /**
     * @param list<Frame>  $frames
     * @param list<Driver> $drivers  those that would do for this place on this garment
     * @param list<Turn>   $turns    the ways round that would do, the preferred one first
     * @param Frame|null   $mounted  what stands on the machine now
     *
     * @return list<RankedFrame>
     */
    public static function of(ConvexHull $hull, array $frames, array $drivers, array $turns, ?Frame $mounted, float $marginMm): array
    {
        $ranked = [];
        foreach ($frames as $frame) {
            if (! in_array($frame->driver, $drivers, true)) {
                continue;
            }
            $ranked[] = new RankedFrame(self::bestTurn($hull, $frame, $turns, $marginMm), match (true) {
                $mounted === null => Change::Frame,
                $frame->id === $mounted->id => Change::Nothing,
                $frame->driver === $mounted->driver => Change::Frame,
                default => Change::Driver,
            });
        }
        usort($ranked, static fn(RankedFrame $a, RankedFrame $b): int => $a->rank() <=> $b->rank());

        return $ranked;
    }

    /** @param list<Turn> $turns */
    private static function bestTurn(ConvexHull $hull, Frame $frame, array $turns, float $marginMm): Fit
    {
        $best = null;
        foreach ($turns as $turn) {
            $fit = Fit::of($hull, $frame, $turn, $marginMm);
            if ($fit->fits()) {
                return $fit;
            }
            if ($best === null || $fit->clearMm > $best->clearMm) {
                $best = $fit;
            }
        }

        return $best ?? Fit::of($hull, $frame, Turn::None, $marginMm);
    }
}
