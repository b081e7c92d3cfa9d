<?php

declare(strict_types=1);

namespace App\Foundation\Http;

/** What was built of the styles and scripts, under a name that changes with what is in it. */
final class BuiltAsset
{
    private static ?string $version = null;

    public static function address(string $file): string
    {
        self::$version ??= trim((string) @file_get_contents(public_path('build/version')));

        return "/build/{$file}?v=".self::$version;
    }
}
