<?php

declare(strict_types=1);

namespace App\Stock;

/** What is counted on the shelf and taken by use. */
enum StockKind: string
{
    case Bobbins = 'bobbins';
    case Film = 'film';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    public function unit(): string
    {
        return match ($this) {
            self::Bobbins => 'bobbins',
            self::Film => 'm²',
        };
    }
}
