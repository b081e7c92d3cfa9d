<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\Words\Text;

/** Backing to lie under the cloth. */
final readonly class Layers
{
    public function __construct(public Backing $backing, public int $count, public bool $adhesive = false) {}

    public function equals(self $other): bool
    {
        return [$this->backing, $this->count, $this->adhesive] === [$other->backing, $other->count, $other->adhesive];
    }

    public function words(): Text
    {
        return new Text($this->adhesive ? 'setup.layers.one_stuck' : 'setup.layers.loose', [
            'count' => $this->count,
            'backing' => $this->backing->label(),
        ]);
    }
}
