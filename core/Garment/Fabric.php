<?php

declare(strict_types=1);

namespace Hakama\Garment;

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

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
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
