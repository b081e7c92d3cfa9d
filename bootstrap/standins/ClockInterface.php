<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeZone;

interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
