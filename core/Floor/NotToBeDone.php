<?php

declare(strict_types=1);

namespace Hakama\Floor;

use DomainException;

/** A piece off the machine that is not where it would have to be for what was said. */
final class NotToBeDone extends DomainException
{
    public static function finishedAlready(): self
    {
        return new self('It is finished already; nothing was recorded.');
    }

    public static function notSewn(): self
    {
        return new self('It is not sewn and counted; nothing was recorded.');
    }

    public static function notForCheck(string $state): self
    {
        return new self("It is {$state}, not to be checked; nothing was recorded.");
    }

    public static function ownWork(string $who): self
    {
        return new self("{$who} sewed it: another pair of eyes looks at it. Nothing was recorded.");
    }
}
