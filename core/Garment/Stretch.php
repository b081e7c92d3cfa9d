<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

enum Stretch: string
{
    case None = 'none';
    case Low = 'low';
    case High = 'high';

    public function label(): Text
    {
        return new Text("garment.stretch.{$this->value}");
    }
}
