<?php

declare(strict_types=1);

namespace App\Orders\Names;

use App\Artwork\Models\Artwork;
use App\Orders\Models\Lettering;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Lettering\Lettered;
use Hakama\Lettering\UnderDesign;
use Hakama\Lettering\UnfitText;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;

/** The stitches of each text, with the design it stands under. */
final class NamesDrawn
{
    /** @var array<int, array{Pattern, PatternFigures}> designs, by their number */
    private array $designs = [];

    public function __construct(private readonly House $house) {}

    /** @throws UnfitText */
    public function text(Lettering $lettering, string $text): Lettered
    {
        return $lettering->toCore($this->house->rules()->letters())->of($text);
    }

    /** @throws UnfitText */
    public function pattern(Lettering $lettering, Lettered $lettered): Pattern
    {
        $design = $lettering->design;
        if ($design === null) {
            return $lettered->pattern;
        }
        $rules = $this->house->rules();
        [$pattern, $figures] = $this->designs[$design->id] ??= self::read($design, $rules->measuring());

        return UnderDesign::of(
            $pattern,
            $figures->bounds,
            $lettered,
            PatternFigures::of($lettered->pattern, $rules->measuring())->bounds,
            $rules->value(HouseRule::NamesGap),
            $rules->measuring()->trimJumps,
        );
    }

    /** @return array{Pattern, PatternFigures} */
    private static function read(Artwork $design, MeasuringRules $rules): array
    {
        $pattern = $design->pattern();

        return [$pattern, PatternFigures::of($pattern, $rules)];
    }
}
