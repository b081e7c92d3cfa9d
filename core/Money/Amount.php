<?php

declare(strict_types=1);

namespace Hakama\Money;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/**
 * Cents before they are whole: figures and rates are multiplied and divided as they are written, without loss, and
 * become whole cents once, at the end.
 */
final readonly class Amount
{
    /** A measured figure has no more digits than these; what a machine adds behind them is none of it. */
    private const DIGITS = 12;

    private function __construct(private BigRational $cents) {}

    public static function of(int|float $figure): self
    {
        return new self(self::exact($figure));
    }

    public function times(int|float $figure): self
    {
        return new self($this->cents->multipliedBy(self::exact($figure)));
    }

    /** @param int|float $figure above zero */
    public function per(int|float $figure): self
    {
        return new self($this->cents->dividedBy(self::exact($figure)));
    }

    public function percent(int|float $figure): self
    {
        return $this->times($figure)->per(100);
    }

    public function plus(self $other): self
    {
        return new self($this->cents->plus($other->cents));
    }

    /** Rounded half up. */
    public function cents(): int
    {
        return $this->cents->toScale(0, RoundingMode::HALF_CEILING)->toInt();
    }

    /** Rounded up to the next whole cent. */
    public function centsUp(): int
    {
        return $this->cents->toScale(0, RoundingMode::CEILING)->toInt();
    }

    /** Cents of an amount as it is typed, whole and hundredths: "7.20" is 720; null where it is no number, or too large a one. */
    public static function read(string|int|float $typed): ?int
    {
        try {
            return BigDecimal::of(trim((string) $typed))->multipliedBy(100)->toScale(0, RoundingMode::HALF_UP)->toInt();
        } catch (MathException) {
            return null;
        }
    }

    /** As it is typed and read again: "-7.20". */
    public static function plain(int $cents): string
    {
        return (string) BigDecimal::ofUnscaledValue($cents, 2);
    }

    private static function exact(int|float $figure): BigRational
    {
        return BigRational::of(is_int($figure) ? $figure : sprintf('%.'.self::DIGITS.'G', $figure));
    }
}
