<?php

declare(strict_types=1);

namespace Hakama\Setup;

final readonly class NeedleChoice
{
    public function __construct(
        public string $size,
        public string $point,
    ) {}
}
