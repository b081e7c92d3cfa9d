<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Machine\Driver;

/**
 * What is done, in order, to take one driver off a machine and put another on. Every line is ticked by hand: it is the
 * work after which a machine strikes metal if something was forgotten. The manual decides.
 */
final class DriverSteps
{
    /**
     * @param string $holes the pair of mounting holes of the frame that follows; '' where nobody has written it down
     *
     * @return list<Note> nothing where the driver stays
     */
    public static function between(Driver $from, Driver $to, string $holes = ''): array
    {
        if ($from === $to) {
            return [];
        }
        $lines = [
            'driver_power_off' => 'Power off, and wait until nothing moves. The machine’s manual is at hand.',
            'driver_off' => match ($from) {
                Driver::Flat => 'Take the flat arms off: both screws of each, and put them where they are kept.',
                Driver::Cap => 'Take the cap driver off: its cable ring and screws, and set it down on its base.',
                Driver::Cylinder => 'Take the cylinder driver off and put it where it is kept.',
                Driver::Clamp => 'Take the clamp base off; its windows stay with it.',
            },
            'driver_plate' => match ([$from === Driver::Cap, $to === Driver::Cap]) {
                [false, true] => 'Fit the needle plate for caps, where this machine has one of its own.',
                [true, false] => 'Fit the flat needle plate again, where the one for caps was on.',
                default => 'The needle plate stays.',
            },
            'driver_on' => match ($to) {
                Driver::Flat => 'Put the flat arms on: '.
                    ($holes === '' ? 'the pair of holes that belongs to the frame' : "holes {$holes}").
                    ', the same on both sides.',
                Driver::Cap => 'Put the cap driver on its rails and close its catches.',
                Driver::Cylinder => 'Put the cylinder driver on and close its catches.',
                Driver::Clamp => 'Put the clamp base on.',
            },
            'driver_screws' => 'Push the screws fully back, then tighten them; pull at the driver once.',
            'driver_slide' => 'By hand, the power still off: slide the carriage all the way left and right. '.
                'Nothing touches.',
            'driver_shown' => "Power on: the machine shows the {$to->value} driver, and not the {$from->value} one.",
            'driver_foot' => 'Look at the foot: at its lowest a card above the needle plate, on each needle that sews.',
        ];

        return array_map(
            static fn(string $code, string $text): Note => new Note($code, $text, WorkStage::Driver),
            array_keys($lines),
            $lines,
        );
    }
}
