<?php

declare(strict_types=1);

use Hakama\Stitch\Bounds;
use Hakama\Stitch\Figures\SewingOrder;
use Hakama\Stitch\Point;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The order of two or three objects was never judged; it is read from where they lie. */
return new class () extends Migration {
    public function up(): void
    {
        $few = DB::table('artworks')
            ->whereNotNull('objects')
            ->whereRaw('json_length(objects) between 2 and 3')
            ->select(['id', 'objects', 'left_mm', 'right_mm', 'bottom_mm', 'top_mm'])
            ->lazyById(200);
        foreach ($few as $artwork) {
            /** @var list<array{float, float}> $objects */
            $objects = json_decode((string) $artwork->objects, true, flags: JSON_THROW_ON_ERROR);
            $order = SewingOrder::of(
                array_map(static fn(array $xy): Point => new Point((float) $xy[0], (float) $xy[1]), $objects),
                new Bounds(
                    (float) $artwork->left_mm,
                    (float) $artwork->right_mm,
                    (float) $artwork->bottom_mm,
                    (float) $artwork->top_mm,
                ),
            );
            DB::table('artworks')
                ->where('id', $artwork->id)
                ->update(['centre_out' => $order->centreOut->value, 'bottom_up' => $order->bottomUp->value]);
        }
    }

    /** What was not judged before is judged as it was: it stays. */
    public function down(): void {}
};
