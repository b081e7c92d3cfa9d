<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** By what pieces that were looked at are told apart. */
enum BypassedStop: string
{
    case Person = 'person';
    case Machine = 'machine';
    case Cloth = 'cloth';
    case Frame = 'frame';

    public function label(): Text
    {
        return new Text("floor.bypassed.{$this->value}");
    }
}
