<?php

declare(strict_types=1);

namespace Hakama\Floor;

use RuntimeException;

/** An event that cannot follow on what happened before it. */
final class OutOfTurn extends RuntimeException
{
    /** The id of the event, where it stands in a log. */
    public ?string $event = null;

    /** The same of an event that is in the log already. */
    public static function inLog(Event $event, self $why): self
    {
        $of = new self($why->getMessage(), 0, $why);
        $of->event = $event->id;

        return $of;
    }

    public static function of(EventKind $kind, Stage $stage): self
    {
        $now = match ($stage) {
            Stage::Preflight => 'the preflight list is still open',
            Stage::Ready => 'no load is running',
            Stage::Sewing => 'the machine is sewing',
            Stage::Halted => 'the machine is halted',
            Stage::Sewn => 'the load is sewn and waits to be taken off',
            Stage::Finished => 'the batch is finished',
        };

        return new self(sprintf('"%s" was not recorded: %s.', str_replace('_', ' ', $kind->value), $now));
    }

    public static function notCounted(int $piece): self
    {
        return new self(sprintf('Piece %d is not counted as done; nothing was recorded.', $piece));
    }

    public static function neverSpoiled(): self
    {
        return new self('No piece of that batch was said to be spoiled; nothing was recorded.');
    }

    public static function foreignPiece(int $piece): self
    {
        return new self(sprintf('Piece %d is not in this load; nothing was recorded.', $piece));
    }
}
