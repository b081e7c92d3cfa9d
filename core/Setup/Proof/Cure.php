<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

/** Something that was tried, and with which it can be sewn. */
final readonly class Cure
{
    /** @param non-empty-list<FactChange> $changes */
    public function __construct(public CureKind $kind, public string $text, public array $changes) {}

    public function minutes(): float
    {
        return $this->kind->minutes();
    }
}
