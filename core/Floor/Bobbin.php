<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** What is left on the bobbins of a machine: every head has one, and all are changed together. */
final readonly class Bobbin
{
    /**
     * @param float $holdsM a full one, metres
     * @param float $usedM  since it was changed, of each head
     */
    public function __construct(public float $holdsM, public float $usedM) {}

    public function leftM(): float
    {
        return max(0.0, $this->holdsM - $this->usedM);
    }

    /** @param float $perPieceM metres of bobbin thread that one piece takes; above zero */
    public function pieces(float $perPieceM): int
    {
        return (int) floor($this->leftM() / $perPieceM + 1e-9);
    }

    /**
     * @param float $perPieceM metres of bobbin thread that one piece takes
     * @param int   $done      pieces of the batch that are sewn already
     * @param int   $of        pieces of the batch
     * @param int   $heads     pieces a load
     * @param bool  $isInFrames what is counted are frames of several copies
     */
    public function words(float $perPieceM, int $done, int $of, int $heads, bool $isInFrames = false): Text
    {
        $loads = $this->pieces($perPieceM);
        $next = $done + $loads * $heads + 1;
        $unit = $isInFrames ? 'frame' : 'piece';

        return match (true) {
            $loads < 1 => new Text('floor.bobbin.change_now', [
                'left' => new Decimal($this->leftM()),
                'takes' => new Decimal($perPieceM),
                'unit' => $unit,
            ]),
            $next > $of => new Text('floor.bobbin.lasts_to_the_end', ['count' => $loads * $heads, 'unit' => $unit]),
            default => new Text('floor.bobbin.lasts', ['count' => $loads * $heads, 'unit' => $unit, 'next' => $next]),
        };
    }
}
