<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

/** Cloth that is laid on. */
final readonly class Applied
{
    /**
     * @param int  $stops   at which a hand has something to do
     * @param bool $isFirst whether a whole cloth lies there before the first stitch
     * @param bool|null $turnsOver whether the frame is turned over at one of the stops; null where no stop sheet says
     */
    public function __construct(
        public int $stops = 0,
        public bool $isFirst = false,
        public ?bool $turnsOver = null,
    ) {}
}
