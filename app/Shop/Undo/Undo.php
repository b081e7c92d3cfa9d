<?php

declare(strict_types=1);

namespace App\Shop\Undo;

use App\Shop\Models\Change;

/**
 * Takes a change back where nothing physical happened: a house rule gets the value it had, an order what stood in it, a
 * decoration the setup it had. What was sewn, cut, handed over or moved is put right by what happens next, never by
 * taking it back.
 */
final readonly class Undo
{
    /** @param array<string, Undoes> $undoes by the kind of thing, bound where the application is put together */
    public function __construct(private array $undoes) {}

    /** Whether a change is of a kind that can be; whether it still can is seen when it is tried. */
    public static function can(Change $change): bool
    {
        return ($change->before ?? []) !== []
            && match ($change->kind) {
                Change::RULE, Change::SETUP => true,
                Change::ORDER => $change->what === 'changed',
                default => false,
            };
    }

    /** @return string|null why it cannot be taken back (any more); null when it was */
    public function of(Change $change): ?string
    {
        if (! self::can($change)) {
            return __('shop.undo.that_cannot_be_undone_something_may');
        }

        return $this->undoes[$change->kind]->undo($change);
    }
}
