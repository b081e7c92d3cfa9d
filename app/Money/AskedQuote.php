<?php

declare(strict_types=1);

namespace App\Money;

use Hakama\Money\Quote;
use Hakama\Money\SaidDesign;

/** The answer on the telephone: what it would cost, and between what where stitches are only guessed at. */
final readonly class AskedQuote
{
    /** @param non-empty-list<SaidDesign> $designs */
    public function __construct(public array $designs, public Quote $least, public Quote $likely, public Quote $most) {}

    public function isGuess(): bool
    {
        foreach ($this->designs as $design) {
            if (! $design->stitches->isKnown) {
                return true;
            }
        }

        return false;
    }
}
