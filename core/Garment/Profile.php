<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** How high a cap stands; it limits how high a design may be. */
enum Profile: string
{
    case Low = 'low';
    case Mid = 'mid';
    case High = 'high';
    case None = 'none';
}
