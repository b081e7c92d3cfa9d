<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Finding;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Spot;
use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** The findings of an artwork as a note to whoever digitised it, ready to send. */
final readonly class DigitiserNote
{
    private const PLACES = 3;

    /**
     * @param list<Finding> $findings those with nothing to ask are left out
     *
     * @return list<Text> paragraphs; none when there is nothing to ask
     */
    public static function of(
        string $name,
        string $fileName,
        int $stitches,
        float $widthMm,
        float $heightMm,
        array $findings,
        MeasuringRules $rules,
    ): array {
        $points = [];
        foreach ($findings as $finding) {
            $request = $finding->code->request($rules);
            if ($request !== null) {
                $points[] = new Text($finding->spots === [] ? 'artwork.digitiser.point' : 'artwork.digitiser.point_seen', [
                    'number' => count($points) + 1,
                    'what' => $finding->message,
                    'places' => self::places($finding),
                    'request' => $request,
                ]);
            }
        }
        return $points === [] ? [] : [
            new Text('artwork.digitiser.about', [
                'name' => $name,
                'file' => $fileName,
                'stitches' => $stitches,
                'width' => new Decimal($widthMm),
                'height' => new Decimal($heightMm),
            ]),
            ...$points,
            new Text('artwork.digitiser.thank_you'),
        ];
    }

    private static function places(Finding $finding): Texts
    {
        return new Texts(
            Joined::Comma,
            ...array_map(
                static fn(Spot $spot): Text => new Text('artwork.digitiser.'.($spot->stitch > 0 ? 'at_stitch' : 'at'), [
                    'x' => new Decimal($spot->at->x),
                    'y' => new Decimal($spot->at->y),
                    'stitch' => $spot->stitch,
                ]),
                array_slice($finding->spots, 0, self::PLACES),
            ),
            ...(count($finding->spots) > self::PLACES ? [new Text('artwork.digitiser.and_elsewhere')] : []),
        );
    }
}
