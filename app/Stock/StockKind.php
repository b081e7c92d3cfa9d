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
        return (string) __("stock.kind.{$this->value}");
    }

    public function unit(): string
    {
        return (string) __("stock.kind_unit.{$this->value}");
    }
}
