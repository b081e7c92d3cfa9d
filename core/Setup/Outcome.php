<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Panel;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Fit\FrameRanking;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Fit\WayIn;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Notes\WarningTable;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\Decisions;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Stitch\Band;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;

/** What comes out of the facts: the decisions, the frames in their order, and the case as it would be sewn. */
final readonly class Outcome
{
    /** @param list<RankedFrame> $ranked where frames were given, best first */
    public function __construct(public Decisions $decisions, public array $ranked, public SetupDecision $decided) {}

    /** @param list<FrameSpec>|Fitting|null $frames to choose among; a list is tried with the design's box */
    public static function of(
        Facts $facts,
        HouseRules $house,
        array|Fitting|null $frames = null,
        ?FrameSpec $mounted = null,
    ): self {
        $fitting = is_array($frames) ? self::fitting($facts, $house, $frames) : $frames;
        $decisions = Decisions::of($facts, $house);
        $marked = self::marked(
            $facts,
            $decisions->placement->value,
            $frames instanceof Fitting && $facts->design->bands === []
                ? $frames->hull
                : self::rectangle(0.0, $facts->design->heightMm, $facts),
        );
        $drivers = array_values(
            array_filter(
                $decisions->drivers->value,
                static fn(Driver $driver): bool => in_array($driver, $facts->machine->drivers, true),
            ),
        );
        $ranked =
            $fitting === null
                ? []
                : FrameRanking::of(
                    $fitting,
                    $drivers,
                    array_map(static fn(Loading $one): Turn => $one->turn, $decisions->loadings->value),
                    $mounted,
                    $facts,
                    $house,
                    self::ways($facts, $house, $drivers, $marked),
                );

        return new self(
            $decisions,
            $ranked,
            new SetupDecision($facts, $house, $decisions, $marked, $ranked[0] ?? null, $fitting !== null),
        );
    }

    /** @param list<FrameSpec> $frames */
    public static function fitting(Facts $facts, HouseRules $house, array $frames): Fitting
    {
        return Fitting::of(self::box($facts), $frames, $house->value(HouseRule::Margin), $facts->along($house));
    }

    /** Whether it cannot be sewn as asked. */
    public function stops(): bool
    {
        foreach (WarningTable::all() as $rule) {
            if ($rule->mayStop() && ($rule->says)($this->decided) !== null && $rule->stops($this->decided)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Driver> $drivers
     *
     * @return array<string, WayIn> driver => how the machine gets at it there
     */
    private static function ways(Facts $facts, HouseRules $house, array $drivers, ?MarkedPlacement $marked): array
    {
        $ways = [];
        foreach ($drivers as $driver) {
            $ways[$driver->value] = new WayIn($facts->item, $driver, $house, $marked);
        }

        return $ways;
    }

    /** Nothing is drawn or concluded of a garment that nobody has measured. */
    private static function marked(Facts $facts, Placement $placement, ConvexHull $hull): ?MarkedPlacement
    {
        return $facts->item->measures->mm(Panel::of($facts->item->garment, $facts->item->position)->width()) === null
            ? null
            : MarkedPlacement::on(
                $facts->item->shape(),
                $placement,
                $hull,
            );
    }

    /** Several designs along a tube reach from the first of them to the last. */
    private static function box(Facts $facts): ConvexHull
    {
        $bands = $facts->design->bands;

        return $bands === []
            ? self::rectangle(0.0, $facts->design->heightMm, $facts)
            : self::rectangle(
                min(array_map(static fn(Band $band): float => $band->bottom, $bands)),
                max(array_map(static fn(Band $band): float => $band->top, $bands)),
                $facts,
            );
    }

    private static function rectangle(float $bottom, float $top, Facts $facts): ConvexHull
    {
        $width = $facts->design->widthMm;

        return ConvexHull::of([
            new Point(0, $bottom),
            new Point($width, $bottom),
            new Point($width, $top),
            new Point(0, $top),
        ]);
    }
}
