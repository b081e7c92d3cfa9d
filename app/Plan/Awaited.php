<?php

declare(strict_types=1);

namespace App\Plan;

/** Thread or backing that a batch waits for. */
final readonly class Awaited
{
    /**
     * @param string $what      in words
     * @param int    $at        when it can be used, seconds of local time
     * @param bool   $isOrdered somebody said on which day it comes; else it would come then if it were ordered now
     */
    public function __construct(public string $what, public int $at, public bool $isOrdered) {}
}
