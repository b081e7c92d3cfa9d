<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** A thread of the shelf. Colour and weight together: 40 and 60 weight of one colour are two threads. */
final readonly class ThreadSpec
{
    /** @param int $weight 40 is the usual, 60 is finer */
    public function __construct(public string $code, public Colour $colour, public int $weight) {}
}
