<?php

declare(strict_types=1);

namespace Hakama\Garment;

enum Stretch: string
{
    case None = 'none';
    case Low = 'low';
    case High = 'high';
}
