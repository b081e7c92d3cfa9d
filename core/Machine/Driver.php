<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Words\Text;

/** What carries the frame. */
enum Driver: string
{
    case Flat = 'flat';
    case Cap = 'cap';
    case Cylinder = 'cylinder';
    case Clamp = 'clamp';

    public function label(): Text
    {
        return new Text("shop.driver.{$this->value}");
    }
}
