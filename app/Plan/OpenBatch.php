<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Floor\Lacking;
use Hakama\Plan\BatchJob;

/** A batch with pieces still to do, as it is planned, and what it refers to. */
final readonly class OpenBatch
{
    public string $code;
    public bool $started;

    /**
     * @param int $pieces in all
     * @param int $left   of them still to do
     * @param int $copies pieces that one frame holds: the plan counts frames, and each of several hoopings for itself
     */
    public function __construct(
        public int $id,
        public int $decorationId,
        public int $pieces,
        public int $left,
        public int $copies,
        public BatchJob $batch,
        public Queued $queued,
        public OrderedBy $order,
        public BatchDesign $design,
        public BatchSetup $setup,
        public Lacking $lacking = new Lacking(),
        public ?Awaited $awaited = null,
    ) {
        $this->code = $batch->id;
        $this->started = $batch->alreadySetUp;
    }

    /**
     * Pieces that cannot be sewn before blanks come of which nobody knows when. What is held until they come is none of
     * them; what is on a machine already is not held.
     */
    public function blanksShort(): int
    {
        return $this->started ? $this->lacking->pieces : $this->lacking->unknown;
    }

    /** When it can begin, as its blanks are on their way; null where it does not wait for any. */
    public function heldUntil(): ?int
    {
        return $this->started ? null : $this->lacking->at;
    }

    /** It is its thread or backing that comes last, not its blanks. */
    public function waitsForMaterial(): bool
    {
        return $this->awaited !== null && $this->awaited->at === $this->batch->promise->readyAt;
    }

    /** The same, which cannot begin before its thread or backing comes. */
    public function waitingFor(Awaited $awaited): self
    {
        $promise = $this->batch->promise;

        return new self(
            $this->id,
            $this->decorationId,
            $this->pieces,
            $this->left,
            $this->copies,
            $this->batch->promised($promise->ready(max($promise->readyAt, $awaited->at))),
            $this->queued,
            $this->order,
            $this->design,
            $this->setup,
            $this->lacking,
            $awaited,
        );
    }
}
