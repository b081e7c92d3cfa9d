<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Machine\Driver;
use Hakama\Words\Text;

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
        $plate = match ([$from === Driver::Cap, $to === Driver::Cap]) {
            [false, true] => 'steps.driver.plate_for_caps',
            [true, false] => 'steps.driver.plate_flat',
            default => 'steps.driver.plate_stays',
        };
        $lines = [
            'driver_power_off' => new Text('steps.driver.power_off'),
            'driver_off' => new Text("steps.driver.off_{$from->value}"),
            'driver_plate' => new Text($plate),
            'driver_on' => new Text("steps.driver.on_{$to->value}", $to === Driver::Flat ? ['holes' => $holes] : []),
            'driver_screws' => new Text('steps.driver.screws'),
            'driver_slide' => new Text('steps.driver.slide'),
            'driver_shown' => new Text('steps.driver.shown', ['driver' => $to->label(), 'before' => $from->label()]),
            'driver_foot' => new Text('steps.driver.foot'),
        ];

        return array_map(
            static fn(string $code, Text $text): Note => new Note($code, $text, WorkStage::Driver),
            array_keys($lines),
            $lines,
        );
    }
}
