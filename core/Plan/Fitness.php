<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Fit\MachineFit;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/**
 * Minutes that a machine is unfit by: what the sheet of a setup warns of on that machine, as what it is expected to cost.
 * The clipping of bulk is in the run time already.
 */
final readonly class Fitness
{
    /** Where the log says nothing, one in fifty is spoiled; that weighs as much as so many pieces. */
    private const PRIOR_SHARE = 0.02;
    private const PRIOR_PIECES = 20;
    /** Less than this is not worth a word. */
    private const LEAST_MIN = 0.5;

    private function __construct(private HouseRules $house, private float $bulkSpoiled) {}

    /**
     * @param int $sewn    pieces of bulk that were sewn on machines without a gap
     * @param int $spoiled of them
     */
    public static function of(HouseRules $house, int $sewn, int $spoiled): self
    {
        return new self($house, self::share($sewn, $spoiled));
    }

    /** What share is expected to be spoiled: the mean of a beta distribution. */
    public static function share(int $sewn, int $spoiled): float
    {
        return ($spoiled + self::PRIOR_SHARE * self::PRIOR_PIECES) / ($sewn + $spoiled + self::PRIOR_PIECES);
    }

    /**
     * @param bool|null $gap     whether there is room under its carriage; null where nobody has said
     * @param int|null  $needles of the machine, each head
     * @param bool      $isCentreFound of its frame on this machine, where it is one whose true centre has to be found
     *
     * @return list<Unfit>
     */
    public function on(Item $item, int $pieces, ?bool $gap, ?int $needles, bool $isCentreFound = true): array
    {
        $unfit = [];
        if (! $isCentreFound) {
            $unfit[] = new Unfit($this->house->value(HouseRule::CentreMinutes), new Text('plan.unfit.centre'));
        }
        if (MachineFit::hasBulkBehindArm($item->garment, $gap)) {
            $unfit[] = new Unfit(
                $pieces * $this->bulkSpoiled * $this->house->value(HouseRule::SpoilMinutes),
                new Text('plan.unfit.bulk', ['percent' => new Decimal(100 * $this->bulkSpoiled, 1)]),
            );
        }
        if (MachineFit::isLightForSeams($item, $needles)) {
            $unfit[] = new Unfit(
                $pieces * $this->house->value(HouseRule::LightBreaks) / 100 * $this->house->value(HouseRule::NeedleBreakMinutes),
                new Text('plan.unfit.light', ['breaks' => new Decimal($this->house->value(HouseRule::LightBreaks), 1)]),
            );
        }

        return array_values(array_filter($unfit, static fn(Unfit $one): bool => $one->minutes >= self::LEAST_MIN));
    }
}
