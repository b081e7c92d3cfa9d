<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Stock\Models\Thread;

/** A thread on the shelf. */
final readonly class ThreadShape extends ApiShape
{
    /**
     * @param string $hex    its colour, as near as a screen comes to it
     * @param int    $weight as its maker counts it: a higher one is finer
     * @param int    $metres on all its cones
     */
    private function __construct(
        public int $id,
        public string $code,
        public string $name,
        public string $hex,
        public int $weight,
        public int $cones,
        public int $metres,
    ) {}

    /** Wants `cones` loaded. */
    public static function of(Thread $thread): self
    {
        return new self(
            $thread->id,
            $thread->code,
            $thread->name,
            $thread->hex,
            $thread->weight,
            $thread->cones->count(),
            $thread->metresLeft(),
        );
    }
}
