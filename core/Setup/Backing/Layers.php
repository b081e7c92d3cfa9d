<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** Backing to lie under the cloth. */
final readonly class Layers
{
    public function __construct(public Backing $backing, public int $count, public bool $adhesive = false) {}

    public function equals(self $other): bool
    {
        return [$this->backing, $this->count, $this->adhesive] === [$other->backing, $other->count, $other->adhesive];
    }

    public function words(): string
    {
        return sprintf(
            '%d × %s%s',
            $this->count,
            $this->backing->label(),
            $this->adhesive ? ', one lightly stuck' : '',
        );
    }
}
