<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** Where a figure comes from: how far it may be trusted, and whether somebody has to be asked. */
enum Provenance: string
{
    case Measured = 'measured';
    case Typed = 'typed';
    case Catalogue = 'catalogue';
    case Estimated = 'estimated';
    case Unknown = 'unknown';

    /** Nobody looked at this garment or at this style: a decision that hangs on it is asked for. */
    public function isGuess(): bool
    {
        return match ($this) {
            self::Estimated, self::Unknown => true,
            self::Measured, self::Typed, self::Catalogue => false,
        };
    }

    public function label(): Text
    {
        return new Text("garment.provenance.{$this->value}");
    }
}
