<?php

declare(strict_types=1);

namespace Hakama\Money;

/** One line of what a job costs, with where its figure comes from. */
final readonly class CostLine
{
    /** @param string|null $decoration null for what the whole job costs */
    public function __construct(
        public CostCategory $about,
        public ?string $decoration,
        public int $cents,
        public string $from,
    ) {}
}
