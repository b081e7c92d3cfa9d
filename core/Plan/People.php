<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Calendar\Hands;

/** Who is in, and what they have prepared. */
final readonly class People
{
    /**
     * @param Hands|null             $in    each of them tending one thing at a time; null where nobody has said
     * @param array<array-key, Keep> $keeps what they have prepared or promised, by batch
     */
    public function __construct(public ?Hands $in = null, public array $keeps = []) {}

    /** @param array<array-key, Keep> $keeps by batch */
    public function having(array $keeps): self
    {
        return new self($this->in, $keeps);
    }

    /** With others beside them for some time. */
    public function more(int $people, int $from, int $to): self
    {
        return new self($this->in?->more($people, $from, $to), $this->keeps);
    }
}
