<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

/** The reason for one computed value: which rule gave it, in words. */
final readonly class Reason
{
    public function __construct(
        public SetupTopic $about,
        public string $rule,
        public string $text,
        public Strength $strength = Strength::Should,
    ) {}
}
