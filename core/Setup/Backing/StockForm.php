<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** How backing lies on the shelf. */
enum StockForm: string
{
    case OffCut = 'off_cut';
    case Piece = 'piece';
    case Roll = 'roll';

    public function label(): string
    {
        return str_replace('_', '-', $this->value);
    }
}
