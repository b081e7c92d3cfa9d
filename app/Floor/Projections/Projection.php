<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;

/**
 * Something that follows from the events of the floor alone and is kept beside them, counted here and nowhere else. It
 * can be thrown away and worked out again, one event at a time or many at once, and comes to the same.
 */
interface Projection
{
    /** One word, by which it is known how far it has come. */
    public function name(): string;

    /**
     * Wants a transaction round it.
     *
     * @param non-empty-list<FloorEvent> $events in the order of the log, going on from those that were applied before
     */
    public function apply(array $events): void;

    /** An event that was applied is taken out of the log: what follows from the others stays. */
    public function retract(FloorEvent $event): void;

    /** As it is before the first event. */
    public function reset(): void;

    /**
     * Where it is kept, for whoever compares it with what it comes to.
     *
     * @return array<string, array{list<string>, list<string>}> table => columns that name a row, columns that are projected
     */
    public function kept(): array;
}
