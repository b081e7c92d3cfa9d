<?php

declare(strict_types=1);

namespace App\Floor\Bench;

/** The kind of frame that pieces at the bench wait for. */
final readonly class BenchFrame
{
    /** @param int $free of this kind that hold nothing */
    public function __construct(public string $code, public int $free, public int $hoopS) {}
}
