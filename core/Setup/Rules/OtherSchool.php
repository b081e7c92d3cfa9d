<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Words\Text;

/** What another school would have said. */
final readonly class OtherSchool
{
    public function __construct(public string $about, public string $rule, public Text $text) {}
}
