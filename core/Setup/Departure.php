<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Machine\Driver;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Turn;

/** One thing that was chosen otherwise than advised; it wants a reason, which is kept with it. */
final readonly class Departure
{
    /** @param string $about frame, turn, driver, backing, topper, needle or speed */
    public function __construct(public string $about, public string $advised, public string $chosen) {}

    /** @return list<self> what of a choice differs from what is advised */
    public static function between(Advice $advice, Choice $choice): array
    {
        $frame = $choice->fit->frame;
        $degrees = static fn(Turn $turn): string => $turn->value.'°';
        $drivers = array_column($advice->drivers, 'value');
        $found = [];
        if ($advice->stops() || ! $advice->holds($choice)) {
            $found[] = new self(
                'frame',
                $advice->stops() ? 'not to be sewn as asked' : 'a frame that holds it',
                $frame->id,
            );
        }
        if (! in_array($frame->driver->value, $drivers, true)) {
            $found[] = new self(
                'driver',
                $drivers === [] ? 'none here' : implode(' or ', $drivers),
                $frame->driver->value,
            );
        }
        if (! in_array($choice->fit->turn, $advice->turns, true)) {
            $found[] = new self(
                'turn',
                implode(' or ', array_map($degrees, $advice->turns)),
                $degrees($choice->fit->turn),
            );
        }
        foreach (
            [
                ['backing', $advice->backing->words(), $choice->backing->words()],
                ['topper', self::film($advice->topper), self::film($choice->topper)],
                ['needle', $advice->needle->words(), $choice->needle->words()],
                ['speed', "{$advice->speedSpm} spm", "{$choice->speedSpm} spm"],
            ] as [$about, $advised, $chosen]
        ) {
            if ($advised !== $chosen) {
                $found[] = new self($about, $advised, $chosen);
            }
        }

        return $found;
    }

    private static function film(bool $topper): string
    {
        return $topper ? 'film on top' : 'no film';
    }
}
