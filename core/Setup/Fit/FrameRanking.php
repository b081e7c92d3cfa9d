<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Loading\WayIn;
use Hakama\Stitch\Turn;

/**
 * The shop's frames for one design, best first: it fits, on the better driver, least to change from what is mounted,
 * smallest.
 */
final readonly class FrameRanking
{
    /**
     * @param list<Driver> $drivers   those that would do for this place on this garment, best first
     * @param list<Turn>   $turns     the ways round that would do, the preferred one first
     * @param FrameSpec|null   $mounted   what stands on the machine now
     * @param OnMachine|null $machine whose arm a tube is slipped over
     * @param Item|null    $item      what it has to lie in; null where that does not matter
     *
     * @return list<RankedFrame>
     */
    public static function of(
        Fitting $fitting,
        array $drivers,
        array $turns,
        ?FrameSpec $mounted,
        ?Item $item = null,
        ?OnMachine $machine = null,
    ): array {
        $ranked = [];
        foreach ($fitting->frames as $frame) {
            if (! in_array($frame->driver, $drivers, true) || ($item !== null && ! WayIn::mayHold($item, $frame))) {
                continue;
            }
            $way = $item === null ? null : new WayIn($item, $frame->driver);
            $ranked[] = new RankedFrame(
                self::bestTurn($fitting, $frame, $turns),
                match (true) {
                    $mounted === null => FrameChange::Frame,
                    $frame->id === $mounted->id => FrameChange::Nothing,
                    $frame->driver === $mounted->driver => FrameChange::Frame,
                    default => FrameChange::Driver,
                },
                $way === null || ($way->takesFrame($frame) && $way->takesArm($machine?->armWidthMm)),
                (int) array_search($frame->driver, $drivers, true),
            );
        }
        usort($ranked, static fn(RankedFrame $a, RankedFrame $b): int => $a->rank() <=> $b->rank());

        return $ranked;
    }

    /** @param list<Turn> $turns */
    private static function bestTurn(Fitting $fitting, FrameSpec $frame, array $turns): Fit
    {
        $best = null;
        foreach ($turns as $turn) {
            $fit = $fitting->in($frame, $turn);
            if ($fit->fits()) {
                return $fit;
            }
            if ($best === null || $fit->clearMm > $best->clearMm) {
                $best = $fit;
            }
        }

        return $best ?? $fitting->in($frame, Turn::None);
    }
}
