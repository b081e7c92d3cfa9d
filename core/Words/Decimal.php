<?php

declare(strict_types=1);

namespace Hakama\Words;

/** A figure with so many digits after the mark, whichever mark the reader is used to. */
final readonly class Decimal
{
    public function __construct(public float $value, public int $digits = 1) {}
}
