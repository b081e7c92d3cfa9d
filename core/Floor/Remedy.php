<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** One thing that may be behind what is seen, and what to do about it. */
final readonly class Remedy
{
    public function __construct(public Text $cause, public Text $do) {}
}
