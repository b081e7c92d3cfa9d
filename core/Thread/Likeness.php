<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** How well one thread stands in for a colour. */
enum Likeness: string
{
    case Same = 'same';
    case Close = 'close';
    case Compromise = 'compromise';
    case None = 'none';

    /** @param float $difference CIEDE2000: below 1 the same, below 2.5 close, below 5 a visible compromise */
    public static function at(float $difference): self
    {
        return match (true) {
            $difference < 1.0 => self::Same,
            $difference < 2.5 => self::Close,
            $difference < 5.0 => self::Compromise,
            default => self::None,
        };
    }
}
