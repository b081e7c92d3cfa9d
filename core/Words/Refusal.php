<?php

declare(strict_types=1);

namespace Hakama\Words;

use InvalidArgumentException;

/** What was asked for cannot be done: the reason is for people, the message for who looks for the line that said so. */
abstract class Refusal extends InvalidArgumentException
{
    public function __construct(public readonly Text $text)
    {
        parent::__construct($text->key);
    }
}
