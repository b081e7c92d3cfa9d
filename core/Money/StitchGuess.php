<?php

declare(strict_types=1);

namespace Hakama\Money;

/**
 * About how many stitches a design has of which only its size and fill are known. Rows 0.4 mm apart in stitches of 4 mm are
 * 62.5 to a square centimetre, with what lies under them about 75; digitisers differ by a third either way.
 */
final readonly class StitchGuess
{
    private const SPREAD = 0.33;

    /** @param bool $isKnown said, not guessed: all three are the same */
    private function __construct(
        public int $least,
        public int $likely,
        public int $most,
        public bool $isKnown,
    ) {}

    public static function known(int $stitches): self
    {
        return new self($stitches, $stitches, $stitches, true);
    }

    /** @param float $perCm2 of what is filled */
    public static function of(float $widthMm, float $heightMm, Coverage $fill, float $perCm2): self
    {
        $likely = (($widthMm * $heightMm) / 100) * $fill->share() * $perCm2;

        return new self(
            max(1, (int) round($likely * (1 - self::SPREAD))),
            max(1, (int) round($likely)),
            max(1, (int) round($likely * (1 + self::SPREAD))),
            false,
        );
    }
}
