<?php

declare(strict_types=1);

namespace Hakama\Stitch\Patch;

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

    /** @return list<string> why it cannot be cut out as it is, in words; none where it can */
    public function obstacles(PatchRules $rules): array
    {
        $said = [];
        if ($this->onePiece < self::ONE_PIECE) {
            $said[] = 'It falls into several pieces when it is cut out: a patch hangs together.';
        }
        if ($this->filled < $rules->filled) {
            $said[] = sprintf(
                'Only %.0f %% of its shape is sewn and %.0f are wanted: the felt shows between.',
                100 * $this->filled,
                100 * $rules->filled,
            );
        }
        if (! $this->hasBorder()) {
            $said[] = 'It has no border along its edge: cut there, the filling frays.';
        } elseif ($this->borderMm < $rules->borderMm) {
            $said[] = sprintf(
                'Its border is %.1f mm wide and %.1f are wanted to cut along it.',
                $this->borderMm,
                $rules->borderMm,
            );
        }
        if ($this->hasBorder() && ! $this->isLast) {
            $said[] = sprintf(
                'Its border, block %d, is not sewn last: what comes after pulls at the edge.',
                $this->borderBlock,
            );
        }

        return $said;
    }
}
