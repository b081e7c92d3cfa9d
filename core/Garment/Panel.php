<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** The part of a garment that is sewn on, laid flat before the person. */
enum Panel: string
{
    case Front = 'front';
    case Back = 'back';
    case Sleeve = 'sleeve';
    case Leg = 'leg';
    case Cap = 'cap';
    case Hat = 'hat';
    case Pocket = 'pocket';
    case Flat = 'flat';

    public static function of(Garment $garment, Position $position): self
    {
        return match (true) {
            $garment === Garment::Cap => self::Cap,
            $garment === Garment::KnitHat => self::Hat,
            $garment === Garment::Stocking, $position === Position::Leg => self::Leg,
            $garment === Garment::Sleeve, $position === Position::Sleeve => self::Sleeve,
            $garment === Garment::Pocket, $position === Position::Pocket => self::Pocket,
            in_array(
                $garment,
                [Garment::Tee, Garment::Polo, Garment::Hoodie, Garment::Jacket, Garment::PaddedJacket],
                true,
            )
                => $position === Position::FullBack ? self::Back : self::Front,
            default => self::Flat,
        };
    }

    /** The measure without which nothing is concluded of how much room there is. */
    public function width(): Measure
    {
        return match ($this) {
            self::Front, self::Back => Measure::ChestWidth,
            self::Sleeve => Measure::SleeveWidth,
            self::Leg => Measure::LegWidth,
            self::Cap, self::Hat => Measure::Circumference,
            self::Pocket => Measure::PocketWidth,
            self::Flat => Measure::Width,
        };
    }

    public function label(): Text
    {
        return new Text("garment.panel.{$this->value}");
    }

    /** From one end of a tube to the other; null where it is none. */
    public function length(): ?Measure
    {
        return match ($this) {
            self::Leg => Measure::LegLength,
            self::Sleeve => Measure::SleeveLength,
            default => null,
        };
    }

    /** The end of a tube that the house does not measure from, in words. */
    public function otherEnd(): End
    {
        return $this === self::Leg ? End::Hem : End::Shoulder;
    }

    public function isTube(): bool
    {
        return $this === self::Sleeve || $this === self::Leg;
    }
}
