<?php

declare(strict_types=1);

namespace App\Garment;

use App\Foundation\Words\Words;
use Hakama\Garment\Size;

/** How many there are of each size, as people say it: S 4, M 6. Of caps and the like there is only the number. */
final class SizeRun
{
    /** @param array<array-key, int> $counts by size */
    public static function said(array $counts): string
    {
        $each = [];
        foreach (Size::inOrder($counts) as $size => $count) {
            $label = $size === Size::One->value ? '' : Words::say(Size::from((string) $size)->label()).' ';
            $each[] = $label.$count;
        }

        return implode(', ', $each);
    }
}
