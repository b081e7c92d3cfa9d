<?php

declare(strict_types=1);

namespace Hakama\House;

/** One way of doing a thing on which practitioners differ; its words stand in lang/. */
final readonly class School
{
    public function __construct(public string $value) {}
}
