<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\Setup\Rules\SetupDecision;

/** Something that may stand in the way: when, and in which words. */
final readonly class WarningRule
{
    /**
     * @param string                    $when    for people: what raises it
     * @param Closure(SetupDecision): ?string $says    null when it does not apply
     */
    public function __construct(public string $code, public bool $stops, public string $when, public Closure $says) {}
}
