<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

/** What chance leaves of a promise: of a batch, or of all batches of an order. Seconds of local time; null is past the hours that are known. */
final readonly class PromiseOdds
{
    /** A promise kept in a smaller share is in danger. */
    public const SAFE = 0.95;

    /**
     * @param float       $kept       the share of runs in which it ends when it is due or before, 0 to 1
     * @param int|null    $promise    the end that is kept in the share of cases the house wants
     * @param string|null $endangered the batch whose own time moves this end most, where the promise is in danger
     */
    public function __construct(
        public string $name,
        public int $due,
        public float $kept,
        public ?int $endP50,
        public ?int $endP80,
        public ?int $endP95,
        public ?int $promise,
        public ?string $endangered = null,
    ) {}

    /** It is kept too seldom to rely on. */
    public function isInDanger(): bool
    {
        return $this->kept < self::SAFE;
    }
}
