<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Words\Text;

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

    public function label(): Text
    {
        return new Text("artwork.variant.{$this->value}");
    }
}
