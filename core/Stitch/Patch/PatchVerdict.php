<?php

declare(strict_types=1);

namespace Hakama\Stitch\Patch;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** Whether a design can be cut out as a patch, and what of it can be seen on its shape. */
final readonly class PatchVerdict
{
    /** A border that is wider is the filling itself. */
    private const WIDEST_MM = 9.0;
    private const ALONG = 0.9;
    /** Smaller pieces beside the largest are specks. */
    private const ONE_PIECE = 0.97;

    /**
     * @param float $areaMm2     of the shape
     * @param float $filled      share of it that is sewn
     * @param float $onePiece    share of it that hangs together
     * @param int   $borderBlock that lies outermost, from 1
     * @param float $along       share of the edge along which that block lies
     * @param float $borderMm    how far that block reaches inwards from the edge, on average
     * @param bool  $isLast      whether nothing is sewn after it
     * @param float $edgeMm      along which it is cut out, of all its pieces
     */
    public function __construct(
        public float $areaMm2,
        public float $filled,
        public float $onePiece,
        public int $borderBlock,
        public float $along,
        public float $borderMm,
        public bool $isLast,
        public float $edgeMm,
    ) {}

    public function hasBorder(): bool
    {
        return $this->along >= self::ALONG && $this->borderMm <= self::WIDEST_MM;
    }

    /** @return list<Text> why it cannot be cut out as it is, in words; none where it can */
    public function obstacles(PatchRules $rules): array
    {
        $said = [];
        if ($this->onePiece < self::ONE_PIECE) {
            $said[] = new Text('artwork.patch.several_pieces');
        }
        if ($this->filled < $rules->filled) {
            $said[] = new Text('artwork.patch.not_filled', [
                'filled' => new Decimal(100 * $this->filled, 0),
                'needed' => new Decimal(100 * $rules->filled, 0),
            ]);
        }
        if (! $this->hasBorder()) {
            $said[] = new Text('artwork.patch.no_border');
        } elseif ($this->borderMm < $rules->borderMm) {
            $said[] = new Text('artwork.patch.narrow_border', [
                'border' => new Decimal($this->borderMm),
                'needed' => new Decimal($rules->borderMm),
            ]);
        }
        if ($this->hasBorder() && ! $this->isLast) {
            $said[] = new Text('artwork.patch.border_not_last', ['block' => $this->borderBlock]);
        }

        return $said;
    }
}
