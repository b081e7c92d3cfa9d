<?php

declare(strict_types=1);

namespace Hakama\Money;

/**
 * What is at stake on the table: garments that are spoiled are paid for by the shop, whoever brought them. How many are
 * to be expected follows from how cloth like it came out here.
 */
final readonly class Risk
{
    /** The house's own figure counts as much as so many pieces. */
    private const PRIOR = 20;

    /**
     * @param int   $onTableCents all garments, at what they cost to replace
     * @param float $share        of sewn pieces that are spoiled, as is to be expected
     * @param int   $lossCents    as is to be expected
     * @param int   $sewn         pieces on cloth like it that this rests on
     * @param int   $practisedCents what would be expected after practising first
     */
    private function __construct(
        public int $onTableCents,
        public float $share,
        public int $lossCents,
        public int $sewn,
        public int $practisedCents,
    ) {}

    /**
     * @param int   $garments    on the table
     * @param int   $places      sewn on each: each is a chance to spoil it
     * @param int   $worthCents  to replace one
     * @param int   $cameOut     pieces on cloth like it that came out here
     * @param int   $failed      that did not
     * @param float $houseShare  of pieces that are spoiled where nobody knows better, 0 to 1
     * @param float $unpractised so many times as likely where nobody here has sewn it
     * @param int   $practice    pieces that are sewn on scrap to practise
     */
    public static function of(
        int $garments,
        int $places,
        int $worthCents,
        int $cameOut,
        int $failed,
        float $houseShare,
        float $unpractised,
        int $practice,
    ): self {
        $sewn = $cameOut + $failed;
        $known = static fn(int $pieces): float => ($failed + self::PRIOR * $houseShare) / ($pieces + self::PRIOR);
        $share = $cameOut === 0 ? min(1.0, $unpractised * $known($sewn)) : $known($sewn);
        $onTable = $garments * $worthCents;
        $loss = static fn(float $p): int => Amount::of($onTable)->times(1 - (1 - $p) ** $places)->cents();

        return new self($onTable, $share, $loss($share), $sewn, $loss($known($sewn + $practice)));
    }

    public function isUnpractised(): bool
    {
        return $this->practisedCents < $this->lossCents && $this->sewn === 0;
    }
}
