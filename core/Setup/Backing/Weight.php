<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Facts;
use Hakama\Words\Text;

/** How heavy the backing is: by how close the stitches lie and by what the cloth bears. */
enum Weight: string
{
    case Light = 'light';
    case Usual = 'usual';
    case Firm = 'firm';

    public static function of(Facts $facts, Backing $backing, HouseRules $house): self
    {
        return match (true) {
            $backing === Backing::Mesh => self::Light,
            $facts->isDense($house) => self::Firm,
            $facts->item->cloth->thickness() === Thickness::Light => self::Light,
            $facts->item->cloth->thickness() === Thickness::Heavy => self::Firm,
            default => self::Usual,
        };
    }

    /** Grams a square metre. */
    public function gsm(HouseRules $house): int
    {
        return (int) $house->value(match ($this) {
            self::Light => HouseRule::BackingLight,
            self::Usual => HouseRule::BackingUsual,
            self::Firm => HouseRule::BackingFirm,
        });
    }

    public function because(Facts $facts, HouseRules $house): Text
    {
        return new Text('because.backing_weight.'.match (true) {
            $this !== self::Firm => $this->value,
            $facts->isDense($house) => 'firm_dense',
            default => 'firm_cloth',
        });
    }
}
