<?php

declare(strict_types=1);

namespace App\Stock;

use App\Foundation\Words\Words;
use Hakama\Setup\Backing\CutWant;

/** What pieces of backing of one kind and size are called. */
final class BackingName
{
    /** In what is kept. */
    public static function key(CutWant $want): string
    {
        return "{$want->kind->value} {$want->widthMm} {$want->heightMm}";
    }

    /** "Cutaway, 180 × 180 mm" */
    public static function words(CutWant $want): string
    {
        return sprintf('%s, %d × %d mm', Words::say($want->kind->label()), $want->widthMm, $want->heightMm);
    }
}
