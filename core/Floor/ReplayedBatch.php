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
     * @param array<int, int>        $hoopings piece => how many hoopings it has behind it, where that was said
     * @param int                    $fitted   how many events followed on each other, each counted once
     * @param OutOfTurn|null         $misfit   why the next of them did not; null where all did
     */
    private function __construct(
        public BatchRun $run,
        public array $states,
        public array $hoopings,
        public int $fitted,
        public ?OutOfTurn $misfit,
    ) {}

    /**
     * @param list<int>       $pieces all pieces of the batch
     * @param iterable<Event> $events in the order in which they were recorded; one that comes again counts once
     *
     * @throws OutOfTurn which names the event that cannot have followed
     */
    public static function of(array $pieces, iterable $events): self
    {
        $replayed = self::from(
            BatchRun::start(count($pieces)),
            array_fill_keys($pieces, PieceState::Waiting),
            $events,
        );

        return $replayed->misfit === null ? $replayed : throw $replayed->misfit;
    }

    /**
     * Goes on from where a batch stands, as far as the events follow on each other.
     *
     * @param array<int, PieceState> $states of its pieces; one that is missing waits: it may have been split off since
     * @param iterable<Event>        $events in the order in which they were recorded; one that comes again counts once
     */
    public static function from(BatchRun $run, array $states, iterable $events): self
    {
        $seen = $hoopings = [];
        $fitted = 0;
        foreach ($events as $event) {
            if (isset($seen[$event->id])) {
                continue;
            }
            $seen[$event->id] = true;
            $states += array_fill_keys($event->pieces, PieceState::Waiting);
            try {
                $run = $run->after($event, array_intersect_key($states, array_flip($event->pieces)));
            } catch (OutOfTurn $e) {
                return new self($run, $states, $hoopings, $fitted, OutOfTurn::inLog($event, $e));
            }
            if ($event->kind->leaves() !== null) {
                $states = array_replace($states, array_fill_keys($event->pieces, $event->kind->leaves()));
            }
            $behind = $event->kind->hoopingsAfter($event->hooping);
            if ($behind !== null) {
                $hoopings = array_replace($hoopings, array_fill_keys($event->pieces, $behind));
            }
            $fitted++;
        }

        return new self($run, $states, $hoopings, $fitted, null);
    }

    /** @return list<int> */
    public function waiting(): array
    {
        return array_keys($this->states, PieceState::Waiting, true);
    }
}
