<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Machine\Driver;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Turn;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** One thing that was chosen otherwise than advised; it wants a reason, which is kept with it. */
final readonly class Departure
{
    /** @param string $about frame, turn, driver, backing, topper, needle or speed */
    public function __construct(public string $about, public Text $advised, public Text $chosen) {}

    /** @return list<self> what of a choice differs from what is advised */
    public static function between(Advice $advice, Choice $choice): array
    {
        $frame = $choice->fit->frame;
        $degrees = static fn(Turn $turn): Text => new Text('setup.chosen.turn', ['degrees' => $turn->value]);
        $drivers = array_column($advice->drivers, 'value');
        $found = [];
        if ($advice->stops() || ! $advice->holds($choice)) {
            $found[] = new self(
                'frame',
                new Text($advice->stops() ? 'setup.chosen.not_as_asked' : 'setup.chosen.frame_that_holds'),
                new Text('setup.chosen.frame', ['frame' => $frame->id]),
            );
        }
        if (! in_array($frame->driver->value, $drivers, true)) {
            $found[] = new self(
                'driver',
                $drivers === []
                    ? new Text('setup.chosen.none_here')
                    : self::oneOf(...array_map(static fn(Driver $one): Text => $one->label(), $advice->drivers)),
                $frame->driver->label(),
            );
        }
        if (! in_array($choice->fit->turn, $advice->turns, true)) {
            $found[] = new self(
                'turn',
                self::oneOf(...array_map($degrees, $advice->turns)),
                $degrees($choice->fit->turn),
            );
        }
        foreach (
            [
                ['backing', $advice->backing->words(), $choice->backing->words()],
                ['topper', self::film($advice->topper), self::film($choice->topper)],
                ['needle', $advice->needle->label(), $choice->needle->label()],
                ['speed', self::speed($advice->speedSpm), self::speed($choice->speedSpm)],
            ] as [$about, $advised, $chosen]
        ) {
            if (! $advised->equals($chosen)) {
                $found[] = new self($about, $advised, $chosen);
            }
        }

        return $found;
    }

    private static function film(bool $topper): Text
    {
        return new Text($topper ? 'setup.chosen.film' : 'setup.chosen.no_film');
    }

    private static function speed(int $spm): Text
    {
        return new Text('setup.chosen.speed', ['spm' => $spm]);
    }

    private static function oneOf(Text ...$these): Text
    {
        return new Text('setup.chosen.one_of', ['these' => new Texts(Joined::Or, ...$these)]);
    }
}
