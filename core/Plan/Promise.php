<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** When a batch may begin and when it has to be done. */
final readonly class Promise
{
    /**
     * @param int   $readyAt seconds; blanks are in
     * @param int   $dueAt   seconds; what was promised
     * @param float $weight  how much a minute late counts against that of others
     * @param bool  $isEvent it is of no use afterwards
     */
    public function __construct(
        public int $readyAt,
        public int $dueAt,
        public float $weight = 1.0,
        public bool $isEvent = false,
    ) {}

    /** The same for what can be begun at another time. */
    public function ready(int $at): self
    {
        return new self($at, $this->dueAt, $this->weight, $this->isEvent);
    }
}
