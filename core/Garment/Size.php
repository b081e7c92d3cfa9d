<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** The sizes of a run, small to large; One for caps, towels and the like. */
enum Size: string
{
    case One = 'one';
    case XS = 'XS';
    case S = 'S';
    case M = 'M';
    case L = 'L';
    case XL = 'XL';
    case XXL = '2XL';
    case XXXL = '3XL';
    case XXXXL = '4XL';
    case XXXXXL = '5XL';
}
