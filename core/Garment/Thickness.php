<?php

declare(strict_types=1);

namespace Hakama\Garment;

enum Thickness: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';
}
