<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** What a version of an artwork is for. */
enum Variant: string
{
    case Standard = 'standard';
    case Cap = 'cap';
    case Small = 'small';
    case Large = 'large';
    case Copies = 'copies';
    case Names = 'names';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Standard => 'standard',
            self::Cap => 'cap version',
            self::Small => 'small-size version',
            self::Large => 'large version',
            self::Copies => 'several in one frame',
            self::Names => 'a name on each',
            self::Other => 'other version',
        };
    }
}
