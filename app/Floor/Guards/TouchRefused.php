<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use DomainException;

/** It may not be said yet: what has to be done first, and at which field that is told. */
final class TouchRefused extends DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
