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
     * @param array<array-key, Hands> $able  skill => how many machines those can tend who have it; what is not named here
     *     everybody may do
     */
    public function __construct(public ?Hands $in = null, public array $keeps = [], public array $able = []) {}

    /** @param array<array-key, Keep> $keeps by batch */
    public function having(array $keeps): self
    {
        return new self($this->in, $keeps, $this->able);
    }

    /** One of them more has a skill, and tends one machine. */
    public function trained(string $skill): self
    {
        $able = $this->able[$skill] ?? null;

        return new self($this->in, $this->keeps, $able === null ? $this->able : [...$this->able, $skill => $able->more(1)]);
    }

    /** With others beside them for some time. */
    public function more(int $people, int $from, int $to): self
    {
        return new self($this->in?->more($people, $from, $to), $this->keeps, $this->able);
    }
}
