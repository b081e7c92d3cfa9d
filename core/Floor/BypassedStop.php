<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** By what pieces that were looked at are told apart. */
enum BypassedStop: string
{
    case Person = 'person';
    case Machine = 'machine';
    case Cloth = 'cloth';
    case Frame = 'frame';

    public function label(): string
    {
        return match ($this) {
            self::Person => 'who sewed',
            self::Machine => 'machine',
            self::Cloth => 'cloth',
            self::Frame => 'frame',
        };
    }
}
