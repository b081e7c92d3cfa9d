<?php

declare(strict_types=1);

namespace Hakama\Machine;

/** One needle bar position and what is on it. */
final readonly class NeedleBar
{
    /**
     * @param int         $number 1..N
     * @param string|null $thread the thread on its cone; null when there is none
     * @param bool        $pinned the shop never takes this thread off
     * @param string|null $size   of the needle fitted, such as 75/11; null when any will do
     */
    public function __construct(
        public int $number,
        public ?string $thread = null,
        public bool $pinned = false,
        public ?string $size = null,
    ) {}

    public function with(string $thread): self
    {
        return new self($this->number, $thread, $this->pinned, $this->size);
    }
}
