<?php

declare(strict_types=1);

namespace Hakama\Thread;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** A row of a list that says no thread. */
final class UnfitRow extends Refusal
{
    public static function at(string $column, Text|string $what): self
    {
        return new self(new Text('stock.shelf.at_column', ['column' => $column, 'what' => $what]));
    }
}
