<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What lies on a garment and may come under the needle, and what happens where a design lies across it. */
enum FeatureKind: string
{
    case Placket = 'placket';
    case Zip = 'zip';
    case Seam = 'seam';
    case Pocket = 'pocket';
    case Fold = 'fold';
    case Opening = 'opening';
    case Eyelet = 'eyelet';
    case Rivet = 'rivet';
    case Hem = 'hem';

    /** A design across it sews shut what opens, or strikes metal: it cannot be sewn there. */
    public function isBarred(): bool
    {
        return match ($this) {
            self::Placket, self::Zip, self::Pocket, self::Opening, self::Rivet => true,
            self::Seam, self::Fold, self::Eyelet, self::Hem => false,
        };
    }

    /** Layers of cloth under the foot where nobody has said how many. */
    public function layers(): int
    {
        return match ($this) {
            self::Seam => 2,
            self::Fold, self::Hem => 3,
            self::Placket, self::Zip, self::Pocket, self::Opening, self::Eyelet, self::Rivet => 1,
        };
    }
}
