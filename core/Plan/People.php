<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Calendar\Hands;

/** Who is in, and what they have prepared. */
final readonly class People
{
    /**
     * @param Hands|null               $in       each of them tending one thing at a time; null where nobody has said
     * @param array<array-key, string> $prepared batch => the machine for which they have prepared it
     */
    public function __construct(public ?Hands $in = null, public array $prepared = []) {}

    /** @param array<array-key, string> $prepared batch => machine */
    public function having(array $prepared): self
    {
        return new self($this->in, $prepared);
    }

    /** With others beside them for some time. */
    public function more(int $people, int $from, int $to): self
    {
        return new self($this->in?->more($people, $from, $to), $this->prepared);
    }
}
