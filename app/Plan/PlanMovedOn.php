<?php

declare(strict_types=1);

namespace App\Plan;

use RuntimeException;

/** A change of the plan that was made looking at an older one. */
final class PlanMovedOn extends RuntimeException
{
    public static function since(int $seen, int $now): self
    {
        return new self(
            sprintf(
                'The plan was changed by someone else meanwhile (you saw version %d, it stands at %d). Your move was not made; the plan shown is the new one.',
                $seen,
                $now,
            ),
        );
    }

    public static function running(string $batch): self
    {
        return new self(sprintf('%s is on the machine: it stays where it is, and nothing goes before it.', $batch));
    }

    public static function nothingToUndo(): self
    {
        return new self(
            'There is nothing to undo: the plan was changed by something else after your last move, or you made none.',
        );
    }

    public static function impossible(string $batch, string $reason): self
    {
        return new self(sprintf('%s stays where it was: %s.', $batch, $reason));
    }
}
