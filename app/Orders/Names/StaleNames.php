<?php

declare(strict_types=1);

namespace App\Orders\Names;

use DomainException;

/** A name that is begun, or sewn, stays as it is. */
final class StaleNames extends DomainException
{
    public static function pieceIsBegun(string $piece, string $text): self
    {
        return new self("{$piece} is begun as “{$text}”: that stays. Nothing was changed.");
    }

    public static function batchIsBegun(): self
    {
        return new self(
            'Pieces of it are begun: how the letters look stays as it is, names of pieces that wait may change.',
        );
    }

    public static function otherArtwork(): self
    {
        return new self('Pieces of it are begun with another artwork: names come before the first piece.');
    }
}
