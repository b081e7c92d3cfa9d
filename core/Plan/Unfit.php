<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Words\Text;

/** Something that is against a batch on a machine that can run it: minutes for the whole batch, and why. */
final readonly class Unfit
{
    /** @param Text|null $why null where nobody has said */
    public function __construct(public float $minutes, public ?Text $why = null) {}
}
