<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** A piece off the machine that is not where it would have to be for what was said. */
final class ActRefused extends Refusal
{
    /** @param string $about what of what was said is in the way */
    private function __construct(Text $text, public readonly string $about = 'who')
    {
        parent::__construct($text);
    }

    public static function finishedAlready(): self
    {
        return new self(new Text('floor.refused.finished_already'));
    }

    public static function notSewn(): self
    {
        return new self(new Text('floor.refused.not_sewn'));
    }

    public static function notForCheck(string $state): self
    {
        return new self(new Text('floor.refused.not_for_check', ['state' => $state]));
    }

    public static function withoutPicture(): self
    {
        return new self(
            new Text('floor.refused.without_picture'),
            'picture',
        );
    }

    public static function ownWork(string $who): self
    {
        return new self(new Text('floor.refused.own_work', ['who' => $who]));
    }
}
