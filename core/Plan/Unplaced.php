<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Words\Text;

final readonly class Unplaced
{
    public function __construct(public string $batch, public Text|string $reason) {}
}
