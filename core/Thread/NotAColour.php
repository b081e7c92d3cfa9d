<?php

declare(strict_types=1);

namespace Hakama\Thread;

use InvalidArgumentException;

final class NotAColour extends InvalidArgumentException
{
    public static function hex(string $given): self
    {
        return new self(sprintf('"%s" is no colour: write # and six digits 0-9 a-f', $given));
    }
}
