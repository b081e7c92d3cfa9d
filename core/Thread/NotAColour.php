<?php

declare(strict_types=1);

namespace Hakama\Thread;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

final class NotAColour extends Refusal
{
    public static function hex(string $given): self
    {
        return new self(new Text('stock.colour.not_a_colour', ['given' => $given]));
    }
}
