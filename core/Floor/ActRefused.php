<?php

declare(strict_types=1);

namespace Hakama\Floor;

use DomainException;

/** A piece off the machine that is not where it would have to be for what was said. */
final class ActRefused extends DomainException
{
    /** @param string $about what of what was said is in the way */
    private function __construct(string $message, public readonly string $about = 'who')
    {
        parent::__construct($message);
    }

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

    public static function withoutPicture(): self
    {
        return new self(
            'It is the first of its batch: take a picture of it, or say why there is none. Nothing was recorded.',
            'picture',
        );
    }

    public static function ownWork(string $who): self
    {
        return new self("{$who} sewed it: another pair of eyes looks at it. Nothing was recorded.");
    }
}
