<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

enum Garment: string
{
    case Cap = 'cap';
    case Polo = 'polo';
    case Tee = 'tee';
    case Hoodie = 'hoodie';
    case Jacket = 'jacket';
    case PaddedJacket = 'padded_jacket';
    case Trousers = 'trousers';
    case Sleeve = 'sleeve';
    case KnitHat = 'knit_hat';
    case Blanket = 'blanket';
    case Towel = 'towel';
    case Stocking = 'stocking';
    case Bag = 'bag';
    case Glove = 'glove';
    case Pocket = 'pocket';
    case Apron = 'apron';
    case Patch = 'patch';
    case Other = 'other';

    public function label(): Text
    {
        return new Text("garment.kind.{$this->value}");
    }

    /** Much of it hangs beside the frame. */
    public function isBulky(): bool
    {
        return in_array($this, [self::Jacket, self::PaddedJacket, self::Hoodie], true);
    }

    /** Hangs from one side and pulls at the frame. */
    public function isHeavyCloth(): bool
    {
        return in_array($this, [self::Blanket, self::Towel], true);
    }

    /** Where a machine has no gap under its carriage, it is clipped up so that it hangs free of what moves. */
    public function isClippedUp(): bool
    {
        return $this->isBulky() || $this->isHeavyCloth();
    }
}
