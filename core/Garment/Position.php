<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

enum Position: string
{
    case LeftChest = 'left_chest';
    case FullFront = 'full_front';
    case FullBack = 'full_back';
    case CapFront = 'cap_front';
    case CapSide = 'cap_side';
    case CapBack = 'cap_back';
    case Cuff = 'cuff';
    case Sleeve = 'sleeve';
    case Leg = 'leg';
    case Corner = 'corner';
    case Pocket = 'pocket';
    case Centre = 'centre';

    /** The seam or edge from which a person measures down to what is here. */
    public function seam(): Text
    {
        return match ($this) {
            self::LeftChest => Datum::ShoulderAtNeck->label(),
            self::FullFront, self::FullBack => Datum::NeckSeam->label(),
            self::Sleeve => Datum::Hem->label(),
            self::Leg => Datum::Waistband->label(),
            default => new Text('garment.datum.edge'),
        };
    }

    /**
     * @return list<self> that are sewn the same way, itself among them: what came out at one is practice for all
     */
    public function alike(): array
    {
        foreach (
            [
                [self::CapFront, self::CapSide, self::CapBack],
                [self::LeftChest, self::FullFront, self::FullBack],
                [self::Sleeve, self::Leg, self::Cuff],
            ] as $family
        ) {
            if (in_array($this, $family, true)) {
                return $family;
            }
        }

        return [self::Corner, self::Pocket, self::Centre];
    }

    /**
     * Where a garment may carry something; the usual place first.
     *
     * @return non-empty-list<self>
     */
    public static function of(Garment $garment): array
    {
        return match ($garment) {
            Garment::Cap => [self::CapFront, self::CapSide, self::CapBack],
            Garment::Polo, Garment::Tee => [self::LeftChest, self::FullFront, self::FullBack, self::Sleeve],
            Garment::Hoodie, Garment::Jacket, Garment::PaddedJacket => [
                self::LeftChest, self::FullFront, self::FullBack, self::Sleeve, self::Cuff, self::Pocket,
            ],
            Garment::Trousers => [self::Leg, self::Pocket],
            Garment::Sleeve => [self::Sleeve, self::Cuff],
            Garment::KnitHat, Garment::Stocking, Garment::Glove => [self::Cuff, self::Centre],
            Garment::Blanket, Garment::Towel => [self::Corner, self::Centre],
            Garment::Bag => [self::Centre, self::Corner, self::Pocket],
            Garment::Apron => [self::Centre, self::Pocket, self::LeftChest],
            Garment::Pocket => [self::Pocket, self::Centre],
            Garment::Patch => [self::Centre],
            Garment::Other => self::cases(),
        };
    }

    public function label(): Text
    {
        return new Text("garment.position.{$this->value}");
    }
}
