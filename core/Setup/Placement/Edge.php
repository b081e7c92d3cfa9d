<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

/** What of a design is measured to. */
enum Edge: string
{
    case Upper = 'upper';
    case Middle = 'middle';
    case Lower = 'lower';
}
