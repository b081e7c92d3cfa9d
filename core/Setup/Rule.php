<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Closure;
use Hakama\House\HouseRules;

/**
 * One line of the setup table: when it applies, what it says and why.
 *
 * @template-covariant T
 */
final readonly class Rule
{
    /**
     * @param Closure(Facts, HouseRules): bool $applies
     * @param Closure(HouseRules): T           $says
     */
    public function __construct(
        public About $about,
        public string $name,
        public Closure $applies,
        public Closure $says,
        public string $text,
    ) {}
}
