<?php

declare(strict_types=1);

namespace App\Orders\Names;

use DomainException;

/** A name that is begun, or sewn, stays as it is. */
final class StaleNames extends DomainException
{
    public static function pieceIsBegun(string $piece, string $text): self
    {
        return new self(__('orders.stale_names.is_started_as_and_stays_nothing', ['piece' => $piece, 'text' => $text]));
    }

    public static function batchIsBegun(): self
    {
        return new self(
            __('orders.stale_names.some_pieces_are_started_so_the'),
        );
    }

    public static function otherArtwork(): self
    {
        return new self(__('orders.stale_names.some_pieces_are_started_with_another'));
    }
}
