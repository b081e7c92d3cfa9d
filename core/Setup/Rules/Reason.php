<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Setup\Facts\Fact;
use Hakama\Words\Text;

/** The reason for one computed value: which rule gave it, in words. */
final readonly class Reason
{
    /** @param list<Fact> $facts by which it was decided */
    public function __construct(
        public SetupTopic $about,
        public string $rule,
        public Text $text,
        public Strength $strength = Strength::Should,
        public array $facts = [],
    ) {}
}
