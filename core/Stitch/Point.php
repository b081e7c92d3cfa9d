<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use Hakama\Words\Decimal;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** A place in stitch space, mm, y growing upwards. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    /** The point turned about the origin by 0, 90, 180 or 270 degrees counter-clockwise: exact, no rounding. */
    public function turned(Turn $turn): self
    {
        return match ($turn) {
            Turn::None => $this,
            Turn::Quarter => new self(-$this->y, $this->x),
            Turn::Half => new self(-$this->x, -$this->y),
            Turn::ThreeQuarters => new self($this->y, -$this->x),
        };
    }

    public function moved(float $dx, float $dy): self
    {
        return new self($this->x + $dx, $this->y + $dy);
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** "4.0 mm right of and 6.0 mm above"; "at" when it is the very place. */
    public function seenFrom(self $origin): Text
    {
        [$dx, $dy] = [round($this->x - $origin->x, 1), round($this->y - $origin->y, 1)];
        $parts = [
            ...$dx === 0.0
                ? []
                : [new Text($dx > 0 ? 'common.seen.right_of' : 'common.seen.left_of', ['mm' => new Decimal(abs($dx))])],
            ...$dy === 0.0
                ? []
                : [new Text($dy > 0 ? 'common.seen.above' : 'common.seen.below', ['mm' => new Decimal(abs($dy))])],
        ];

        return $parts === []
            ? new Text('common.seen.at')
            : new Text('common.seen.from', ['where' => Texts::all(...$parts)]);
    }
}
