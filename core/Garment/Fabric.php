<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

enum Fabric: string
{
    case Twill = 'twill';
    case Denim = 'denim';
    case Canvas = 'canvas';
    case Pique = 'pique';
    case Jersey = 'jersey';
    case Fleece = 'fleece';
    case TechnicalKnit = 'technical_knit';
    case RibKnit = 'rib_knit';
    case Plush = 'plush';
    case Quilted = 'quilted';
    case Felt = 'felt';
    case Vinyl = 'vinyl';
    case Leather = 'leather';
    case Other = 'other';

    /** What a garment is usually made of. */
    public static function usualOf(Garment $garment): self
    {
        return match ($garment) {
            Garment::Cap, Garment::Jacket, Garment::Pocket, Garment::Apron, Garment::Patch => self::Twill,
            Garment::Polo => self::Pique,
            Garment::Tee, Garment::Sleeve => self::Jersey,
            Garment::Hoodie, Garment::Blanket => self::Fleece,
            Garment::PaddedJacket => self::Quilted,
            Garment::Trousers => self::Denim,
            Garment::KnitHat, Garment::Glove => self::RibKnit,
            Garment::Towel, Garment::Stocking => self::Plush,
            Garment::Bag => self::Canvas,
            Garment::Other => self::Other,
        };
    }

    /** How far such cloth gives, where nobody has tried. */
    public function stretch(): Stretch
    {
        return match ($this) {
            self::TechnicalKnit, self::RibKnit => Stretch::High,
            self::Pique, self::Jersey, self::Fleece => Stretch::Low,
            self::Twill, self::Denim, self::Canvas, self::Plush, self::Quilted, self::Felt, self::Vinyl, self::Leather,
            self::Other => Stretch::None,
        };
    }

    public function thickness(): Thickness
    {
        return match ($this) {
            self::Denim, self::Canvas, self::Leather => Thickness::Heavy,
            self::TechnicalKnit => Thickness::Light,
            self::Twill, self::Pique, self::Jersey, self::Fleece, self::RibKnit, self::Plush, self::Quilted, self::Felt,
            self::Vinyl, self::Other => Thickness::Medium,
        };
    }

    public function label(): Text
    {
        return new Text("garment.fabric.{$this->value}");
    }

    public function isKnit(): bool
    {
        return in_array($this, [self::Pique, self::Jersey, self::Fleece, self::TechnicalKnit, self::RibKnit], true);
    }

    /** A surface that swallows stitches unless film lies on top. */
    public function hasTexture(): bool
    {
        return in_array($this, [self::Pique, self::Fleece, self::RibKnit, self::Plush, self::Quilted], true);
    }

    /**
     * @return list<self> that behave the same under the needle, itself among them: what came out on one comes out on
     *     all
     */
    public function alike(): array
    {
        foreach (
            [
                [self::Twill, self::Denim, self::Canvas],
                [self::Pique, self::Jersey],
                [self::TechnicalKnit],
                [self::RibKnit],
                [self::Fleece, self::Plush],
                [self::Vinyl, self::Leather],
            ] as $family
        ) {
            if (in_array($this, $family, true)) {
                return $family;
            }
        }

        return [$this];
    }
}
