<?php

declare(strict_types=1);

namespace Hakama\Words;

/** An amount, told with the sign or code of the shop's currency. */
final readonly class Money
{
    public function __construct(public int $cents) {}
}
