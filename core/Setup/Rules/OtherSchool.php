<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

/** What another school would have said. */
final readonly class OtherSchool
{
    public function __construct(public string $about, public string $rule, public string $text) {}
}
