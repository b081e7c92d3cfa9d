<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** What carries the frame. */
enum Driver: string
{
    case Flat = 'flat';
    case Cap = 'cap';
    case Cylinder = 'cylinder';
    case Clamp = 'clamp';
}
