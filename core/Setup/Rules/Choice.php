<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Fit\Fit;

/** What a person settles on: as it was advised, or otherwise. */
final readonly class Choice
{
    public function __construct(
        public Fit $fit,
        public Layers $backing,
        public bool $topper,
        public NeedleType $needle,
        public int $speedSpm,
    ) {}
}
