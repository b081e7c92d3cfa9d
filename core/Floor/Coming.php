<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Blanks that are expected: how many, of which size, and when they are unpacked. */
final readonly class Coming
{
    /**
     * @param string $size '' for any
     * @param int    $at   seconds of local time
     */
    public function __construct(public string $size, public int $pieces, public int $at) {}
}
