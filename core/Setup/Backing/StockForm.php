<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\Words\Text;

/** How backing lies on the shelf. */
enum StockForm: string
{
    case OffCut = 'off_cut';
    case Piece = 'piece';
    case Roll = 'roll';

    public function label(): Text
    {
        return new Text("garment.stock_form.{$this->value}");
    }
}
