<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

use LogicException;

/** The two sides of an entry do not come to the same. */
final class UnbalancedEntry extends LogicException
{
    public static function by(string $document, int $cents): self
    {
        return new self("{$document} {$cents}");
    }
}
