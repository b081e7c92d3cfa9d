<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

/**
 * What chance leaves of a promise: of a batch, or of all batches of an order. Seconds of local time; null is past the
 * hours that are known.
 */
final readonly class PromiseOdds
{
    /**
     * @param float       $kept       the share of runs in which it ends when it is due or before, 0 to 1
     * @param int|null    $promise    the end that is kept in the share of cases the house wants
     * @param bool        $isInDanger it is kept in fewer than that
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
        public bool $isInDanger,
        public ?string $endangered = null,
    ) {}
}
