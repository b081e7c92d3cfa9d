<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Text;

/** One line of what a job costs, with where its figure comes from. */
final readonly class CostLine
{
    /** @param string|null $decoration null for what the whole job costs */
    public function __construct(
        public CostCategory $about,
        public ?string $decoration,
        public int $cents,
        public Text $from,
    ) {}
}
