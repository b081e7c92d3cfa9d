<?php

declare(strict_types=1);

namespace Hakama\Machine;

enum FrameKind: string
{
    case Round = 'round';
    case Square = 'square';
    case Magnetic = 'magnetic';
    case Cap = 'cap';
    case Cylinder = 'cylinder';
    case Clamp = 'clamp';
    case Pocket = 'pocket';
}
