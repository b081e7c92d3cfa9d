<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What became of a quote that was given. */
enum QuoteState: string
{
    case Open = 'open';
    case Accepted = 'accepted';
    case Declined = 'declined';
    /** There is a newer version of it. */
    case Replaced = 'replaced';

    public function isOpen(): bool
    {
        return $this === self::Open;
    }
}
