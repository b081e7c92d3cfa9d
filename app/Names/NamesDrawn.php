<?php

declare(strict_types=1);

namespace App\Names;

use App\Models\Lettering;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Lettering\Lettered;
use Hakama\Lettering\UnderDesign;
use Hakama\Lettering\UnfitText;
use Hakama\Stitch\Figures\PatternFigures;
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
        $pattern = $design->pattern();
        [$pattern, $figures] = $this->designs[$design->id] ??= [
            $pattern,
            PatternFigures::of($pattern, $rules->measuring()),
        ];

        return UnderDesign::of(
            $pattern,
            $figures->bounds,
            $lettered,
            PatternFigures::of($lettered->pattern, $rules->measuring())->bounds,
            $rules->value(HouseRule::NamesGap),
            $rules->measuring()->trimJumps,
        );
    }
}
