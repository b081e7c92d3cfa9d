<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** So much of a thread is wanted from some time on. */
final readonly class ThreadDemand
{
    /**
     * @param string $for what wants it, such as a batch
     * @param int    $at  seconds of the shop's clock; when it is not planned yet, PHP_INT_MAX
     */
    public function __construct(public string $thread, public float $metres, public int $at, public string $for) {}
}
