<?php

declare(strict_types=1);

namespace App\Artwork;

use App\Artwork\Models\Artwork;
use App\Shop\House;
use Hakama\Stitch\Patch\PatchShape;
use Hakama\Stitch\Patch\PatchVerdict;
use Hakama\Words\Text;
use Illuminate\Support\Facades\Cache;

/** Whether designs can be cut out as patches: looked at once a tape. */
final readonly class Patches
{
    public function __construct(private House $house) {}

    /** @return list<Text>|null why it cannot; null where nothing can be said of it */
    public function obstacles(Artwork $artwork): ?array
    {
        // One copy of a sheet is like the others; of a sheet nothing is said as a whole.
        return $artwork->copies > 1 ? null : self::verdict($artwork)?->obstacles($this->house->rules()->patches());
    }

    /** Along which one patch is cut out; 0 where nothing is known of it. */
    public static function edgeMm(Artwork $artwork): float
    {
        return (self::verdict($artwork)->edgeMm ?? 0.0) / $artwork->copies;
    }

    private static function verdict(Artwork $artwork): ?PatchVerdict
    {
        if ($artwork->read_at === null) {
            return null;
        }
        $kept = Cache::rememberForever("patch-edge-{$artwork->checksum}", static function () use ($artwork): array {
            $verdict = PatchShape::judge($artwork->pattern());

            return $verdict === null ? [] : array_values(get_object_vars($verdict));
        });

        return $kept === [] ? null : new PatchVerdict(...$kept);
    }
}
