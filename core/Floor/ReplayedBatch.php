<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * A batch and each of its pieces as all of its events tell it, from the first on: the proof of what is kept from one
 * event to the next. The same events always give the same.
 */
final readonly class ReplayedBatch
{
    /**
     * @param array<int, PieceState> $states   every piece of the batch, and those that its events speak of
     * @param array<int, int>        $hoopings piece => how many hoopings it has behind it, where that is any
     */
    private function __construct(public BatchRun $run, public array $states, public array $hoopings) {}

    /**
     * @param list<int>       $pieces all pieces of the batch
     * @param iterable<Event> $events in the order in which they were recorded; one that comes again counts once
     *
     * @throws OutOfTurn which names the event that cannot have followed
     */
    public static function of(array $pieces, iterable $events): self
    {
        $run = BatchRun::start(count($pieces));
        $states = array_fill_keys($pieces, PieceState::Waiting);
        $seen = $hoopings = [];
        foreach ($events as $event) {
            if (isset($seen[$event->id])) {
                continue;
            }
            $seen[$event->id] = true;
            // A piece that is split off since was of this batch when it happened.
            $states += array_fill_keys($event->pieces, PieceState::Waiting);
            try {
                $run = $run->after($event, array_intersect_key($states, array_flip($event->pieces)));
            } catch (OutOfTurn $e) {
                throw OutOfTurn::inLog($event, $e);
            }
            if ($event->kind->leaves() !== null) {
                $states = array_replace($states, array_fill_keys($event->pieces, $event->kind->leaves()));
            }
            $behind = $event->kind->hoopingsAfter($event->hooping);
            if ($behind !== null) {
                $hoopings = array_replace($hoopings, array_fill_keys($event->pieces, $behind));
            }
        }

        return new self($run, $states, array_filter($hoopings, static fn(int $behind): bool => $behind > 0));
    }

    /** @return list<int> */
    public function waiting(): array
    {
        return array_keys($this->states, PieceState::Waiting, true);
    }
}
