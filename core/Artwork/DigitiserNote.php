<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Finding;
use Hakama\Stitch\MeasuringRules;

/** The findings of an artwork as a note to whoever digitised it, ready to send. */
final readonly class DigitiserNote
{
    private const PLACES = 3;

    /**
     * @param list<Finding> $findings those with nothing to ask are left out
     *
     * @return string plain text; empty when there is nothing to ask
     */
    public static function of(
        string $name,
        string $fileName,
        int $stitches,
        float $widthMm,
        float $heightMm,
        array $findings,
        MeasuringRules $rules,
    ): string {
        $points = [];
        foreach ($findings as $finding) {
            $request = $finding->code->request($rules);
            if ($request !== null) {
                $points[] = sprintf(
                    "%d. %s\n%s   %s",
                    count($points) + 1,
                    $finding->message,
                    self::places($finding),
                    $request,
                );
            }
        }
        if ($points === []) {
            return '';
        }

        return sprintf(
            "About “%s” (%s, %d stitches, %.1f × %.1f mm):\n\n%s\n\nPlaces are millimetres right of and above the ".
            "start. Thank you.\n",
            $name,
            $fileName,
            $stitches,
            $widthMm,
            $heightMm,
            implode("\n\n", $points),
        );
    }

    private static function places(Finding $finding): string
    {
        $places = array_map(
            static fn(\Hakama\Stitch\Spot $spot): string => sprintf(
                '(%.1f, %.1f)%s',
                $spot->at->x,
                $spot->at->y,
                $spot->stitch > 0 ? ' at stitch '.$spot->stitch : '',
            ),
            array_slice($finding->spots, 0, self::PLACES),
        );

        return $places === []
            ? ''
            : '   Seen at '.
                    implode(', ', $places).
                    (count($finding->spots) > self::PLACES ? ' and elsewhere' : '').
                    ".\n";
    }
}
