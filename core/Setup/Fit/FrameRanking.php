<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Closure;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Facts;
use Hakama\Stitch\Turn;

/**
 * The shop's frames for one design, best first: it fits, on the better driver, least to change from what is mounted,
 * smallest.
 */
final readonly class FrameRanking
{
    /**
     * @param list<Driver>       $drivers those that would do for this place on this garment, best first
     * @param list<Turn>         $turns   the ways round that would do, the preferred one first
     * @param FrameSpec|null     $mounted what stands on the machine now
     * @param array<string, WayIn>|null $ways driver => how the machine gets at it there; null where that does not matter
     * @param Facts|null         $facts   what it has to hold, and against what; null where that does not matter
     * @param HouseRules|null    $house   by which that is judged
     *
     * @return list<RankedFrame>
     */
    public static function of(
        Fitting $fitting,
        array $drivers,
        array $turns,
        ?FrameSpec $mounted,
        ?Facts $facts = null,
        ?HouseRules $house = null,
        ?array $ways = null,
    ): array {
        $ranked = [];
        foreach ($fitting->frames as $frame) {
            if (! in_array($frame->driver, $drivers, true) || ($facts !== null && ! WayIn::mayHold($facts->item, $frame))) {
                continue;
            }
            $change = match (true) {
                $mounted === null => FrameChange::Frame,
                $frame->id === $mounted->id => FrameChange::Nothing,
                $frame->driver === $mounted->driver => FrameChange::Frame,
                default => FrameChange::Driver,
            };
            $choice = (int) array_search($frame->driver, $drivers, true);
            $way = $ways[$frame->driver->value] ?? null;
            $ranked[] = self::bestTurn(
                $turns,
                static function (Turn $turn) use ($fitting, $frame, $change, $choice, $facts, $house, $way): RankedFrame {
                    $fit = $fitting->in($frame, $turn);

                    return new RankedFrame(
                        $fit,
                        $change,
                        $choice,
                        $facts === null || $house === null ? Grip::Any : Grip::of($facts, $house, $fit),
                        $way?->entry($frame, $turn),
                        $way?->arm($facts?->machine->armWidthMm),
                        $fit->fits() ? $way?->hold($fit) : null,
                    );
                },
            );
        }
        usort($ranked, static fn(RankedFrame $a, RankedFrame $b): int => $a->rank() <=> $b->rank());

        return $ranked;
    }

    /**
     * @param list<Turn>                    $turns
     * @param Closure(Turn): RankedFrame $rank
     */
    private static function bestTurn(array $turns, Closure $rank): RankedFrame
    {
        $best = null;
        foreach ($turns as $turn) {
            $one = $rank($turn);
            if ($one->fits()) {
                return $one;
            }
            // Of those that do not fit, the one with most room is nearest.
            $best = $best !== null && $one->fit->clearMm <= $best->fit->clearMm ? $best : $one;
        }

        return $best ?? $rank(Turn::None);
    }
}
