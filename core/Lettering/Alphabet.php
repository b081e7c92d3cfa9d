<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use Hakama\Words\Text;

/** The alphabets that are drawn here. */
enum Alphabet: string
{
    case Block = 'block';
    case Script = 'script';
    case Small = 'small';
    case Rounded = 'rounded';

    public function label(): Text
    {
        return new Text("artwork.alphabet.{$this->value}");
    }

    public function meaning(): Text
    {
        return new Text("artwork.alphabet_meaning.{$this->value}");
    }

    /** Sewn as satin columns; else as lines there and back. */
    public function isSatin(): bool
    {
        return $this !== self::Small;
    }

    /** How wide a column is, as a share of the letters' height. */
    public function columnShare(): float
    {
        return match ($this) {
            self::Block => 0.15,
            self::Script => 0.1,
            self::Small => 0.0,
            self::Rounded => 0.16,
        };
    }

    /** How far the letters lean to the right: so much for each step up. */
    public function lean(): float
    {
        return $this === self::Script ? 0.22 : 0.0;
    }
}
