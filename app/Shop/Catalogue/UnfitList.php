<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use RuntimeException;

/** A list that cannot be taken over; nothing of it was. */
final class UnfitList extends RuntimeException
{
    private const SAID_AT_ONCE = 6;

    /**
     * @param list<string> $problems row by row
     * @param string       $alone    the same where there is but one row, which is a form
     */
    private function __construct(public readonly array $problems, public readonly string $alone = '')
    {
        $more = count($problems) - self::SAID_AT_ONCE;
        parent::__construct(
            __('shop.unfit_list.nothing_was_changed', ['problems' => implode(' ', [
                ...array_slice($problems, 0, self::SAID_AT_ONCE),
                ...$more > 0 ? [__('shop.unfit_list.and_more', ['problems' => $more])] : [],
            ])]),
        );
    }

    /** @param non-empty-list<string> $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public static function at(int $row, string $column, string $what): self
    {
        return new self(
            [__('shop.unfit_list.row', ['row' => $row, 'column' => $column, 'what' => $what])],
            __('shop.unfit_list.alone', ['column' => $column, 'what' => $what]),
        );
    }
}
