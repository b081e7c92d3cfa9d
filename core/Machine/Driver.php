<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Stitch\Turn;
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

    /**
     * What has to be set at the panel for a design that lies so in the frame: on its cap driver a machine turns caps by
     * itself, unless it is known not to.
     */
    public function turnToSet(Turn $lies, bool $isCap, ?bool $turnsCapsItself): Turn
    {
        return $isCap && $this === self::Cap && $turnsCapsItself !== false ? Turn::None : $lies;
    }
}
