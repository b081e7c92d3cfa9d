<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use RuntimeException;

/** A list that cannot be taken over; nothing of it was. */
final class UnfitList extends RuntimeException
{
    /** @param list<string> $problems row by row */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(
            implode(' ', array_slice($problems, 0, 6)).
                (count($problems) > 6 ? sprintf(' And %d more.', count($problems) - 6) : '').
                ' Nothing was changed.',
        );
    }

    /** @param non-empty-list<string> $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public static function at(int $row, string $column, string $what): self
    {
        return new self(["Row {$row}, {$column}: {$what}."]);
    }
}
