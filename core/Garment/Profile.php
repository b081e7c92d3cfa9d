<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** How high a cap stands; it limits how high a design may be. */
enum Profile: string
{
    case Low = 'low';
    case Mid = 'mid';
    case High = 'high';
    case None = 'none';

    public function label(): Text
    {
        return new Text("garment.profile.{$this->value}");
    }
}
