<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use App\Foundation\Words\Words;
use RuntimeException;
use Throwable;

/** Input a command cannot work with; the message says what is wrong and where. */
final class UnfitInput extends RuntimeException
{
    public static function file(string $file): self
    {
        return new self("{$file}: there is no such file, or it cannot be read");
    }

    public static function at(string $where, string $what): self
    {
        return new self("{$where}: {$what}");
    }

    public static function because(string $file, Throwable $reason): self
    {
        return new self("{$file}: ".Words::why($reason), previous: $reason);
    }
}
