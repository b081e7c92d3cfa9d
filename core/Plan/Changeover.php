<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;

/** What it costs to make a machine ready for another batch, seconds. */
final readonly class Changeover
{
    /**
     * @param int                $traceS  to load a design and trace it
     * @param int                $frameS  to change to another kind of frame
     * @param int                $threadS to put another cone on one needle of one head
     * @param array<string, int> $driverS "from>to" => seconds
     * @param int                $needleS to fit another needle at one needle bar of one head
     * @param int                $againS  instead of loading, where the same design goes on in the same frame
     * @param int                $styleS  to set the strap of a cap frame for another style of cap
     */
    public function __construct(
        public int $traceS,
        public int $frameS,
        public int $threadS,
        public array $driverS = [],
        public int $needleS = 0,
        public int $againS = 0,
        public int $styleS = 0,
    ) {}

    /** As the house has it; one time for every change of driver, where a machine has none of its own. */
    public static function of(HouseRules $house): self
    {
        $seconds = static fn(HouseRule $rule): int => (int) (60 * $house->value($rule));
        $driverS = [];
        foreach (Driver::cases() as $from) {
            foreach (Driver::cases() as $to) {
                $driverS["{$from->value}>{$to->value}"] = $from === $to ? 0 : $seconds(HouseRule::DriverTime);
            }
        }

        return new self(
            $seconds(HouseRule::LoadTime),
            $seconds(HouseRule::FrameTime),
            $seconds(HouseRule::ThreadTime),
            $driverS,
            $seconds(HouseRule::NeedleTime),
            $seconds(HouseRule::AgainTime),
            $seconds(HouseRule::StrapTime),
        );
    }

    /**
     * What one changeover takes.
     *
     * @param bool $again   the design of the batch before goes on in its frame
     * @param bool $frame   another kind of frame than is mounted
     * @param int  $driverS for the driver, by `driverS` or as the machine takes its own time
     * @param int  $cones   to exchange, on each head
     * @param int  $needles to exchange, on each head
     * @param bool $style   another style of cap
     */
    public function seconds(
        bool $again,
        bool $frame,
        int $driverS,
        int $cones,
        int $needles,
        int $heads,
        bool $style = false,
    ): int {
        return ($again ? $this->againS : $this->traceS) +
            ($frame ? $this->frameS : 0) +
            $driverS +
            ($style ? $this->styleS : 0) +
            $heads * ($this->threadS * $cones + $this->needleS * $needles);
    }

    public function driverS(string $from, string $to): int
    {
        return $from === $to ? 0 : $this->driverS["{$from}>{$to}"] ?? 0;
    }
}
