<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\Request;

/** A button that puts something out of use says so: pressed by two at once it does not bring it back. */
trait ReadsRetirement
{
    /** @return bool|null whether it goes out of use; null where it is as it was wanted already */
    private static function retires(Request $request, bool $isRetired): ?bool
    {
        if (! $request->has('gone')) {
            return ! $isRetired;
        }
        $goes = $request->boolean('gone');

        return $goes === $isRetired ? null : $goes;
    }
}
