<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;
use Hakama\Setup\Fit\Internal\Overhang;
use Hakama\Stitch\Point;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** How a frame lies on the cloth: whole, moved a little off its middle, or over an edge where nothing holds. */
final readonly class Hold
{
    private const HAIR = 1e-6;

    private function __construct(public Point $offMiddle, public Slack $over) {}

    /**
     * @param non-empty-list<Point> $cloth  that it lies on, in the sense round
     * @param Point                 $middle of the frame, where the design lies in its middle
     * @param bool                  $overSeams its upper half may stand over the seams at the sides
     * @param Slack                 $room   how far the frame may be moved each way with the design still inside
     */
    public static function of(
        array $cloth,
        Point $middle,
        float $widthMm,
        float $heightMm,
        bool $round,
        bool $overSeams,
        Slack $room,
    ): self {
        $at = static fn(Point $middle): Slack => Overhang::of($cloth, $middle, $widthMm, $heightMm, $round, $overSeams);
        $first = $at($middle);
        if (self::isNothing($first)) {
            return new self(new Point(0, 0), $first);
        }
        // Over one side it is moved back by so much; over both nothing helps.
        $dx = min($first->leftMm, max(0.0, $room->rightMm)) - min($first->rightMm, max(0.0, $room->leftMm));
        $dy = min($first->bottomMm, max(0.0, $room->topMm)) - min($first->topMm, max(0.0, $room->bottomMm));

        return new self(new Point($dx, $dy), $at($middle->moved($dx, $dy)));
    }

    /** On a tube that was opened along its seam: it lies as wide as it was round. */
    public static function onStrip(float $wideMm, float $frameMm): self
    {
        $over = max(0.0, ($frameMm - $wideMm) / 2);

        return new self(new Point(0, 0), new Slack($over, $over, 0.0, 0.0));
    }

    public function isWhole(): bool
    {
        return self::isNothing($this->over);
    }

    public function isMoved(): bool
    {
        return abs($this->offMiddle->x) + abs($this->offMiddle->y) > self::HAIR;
    }

    /** "it hangs over the edge: 82 mm at the left". */
    public function words(Units $units): Text
    {
        $sides = [];
        foreach (
            [
                'left' => $this->over->leftMm,
                'right' => $this->over->rightMm,
                'top' => $this->over->topMm,
                'bottom' => $this->over->bottomMm,
            ] as $side => $mm
        ) {
            if ($mm > self::HAIR) {
                $sides[] = new Text("setup.hold.{$side}", ['mm' => $units->said($mm)]);
            }
        }

        return new Text('setup.hold.over', ['sides' => new Texts(Joined::Comma, ...$sides)]);
    }

    private static function isNothing(Slack $over): bool
    {
        return max($over->leftMm, $over->rightMm, $over->topMm, $over->bottomMm) <= self::HAIR;
    }
}
