<?php

declare(strict_types=1);

namespace Hakama\Calendar;

/** Who is in as a rule, and how many machines each tends. */
final readonly class Staff
{
    /**
     * @param int   $people 1 or more
     * @param float $tends  machines a person, 1 or more
     */
    public function __construct(public int $people, public float $tends) {}
}
