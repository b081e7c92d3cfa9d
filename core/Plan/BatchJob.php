<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Needles\Demand;

/** Pieces that run one after another with one artwork, position and frame. */
final readonly class BatchJob
{
    /**
     * @param bool        $alreadySetUp it stands on its machine now, so that nothing has to be changed for it
     * @param string|null $heldOn       the machine at which somebody is about to set it up: it is not moved any more
     */
    public function __construct(
        public string $id,
        public int $pieces,
        public BatchSewing $sewing,
        public Equipment $equipment,
        public Promise $promise,
        public bool $alreadySetUp = false,
        public ?FixedStart $fixed = null,
        public ?string $heldOn = null,
    ) {}

    /** So many pieces of it, run apart under another name: not set up yet, and free to stand anywhere. */
    public function part(string $id, int $pieces): self
    {
        return new self($id, $pieces, $this->sewing, $this->equipment, $this->promise);
    }

    /** The same with more pieces, or fewer. */
    public function of(int $pieces): self
    {
        return $this->but(pieces: $pieces);
    }

    /** The same with another promise. */
    public function promised(Promise $promise): self
    {
        return $this->but(promise: $promise);
    }

    /** The same, not to be moved from this machine, nor anything put before it. */
    public function heldOn(string $machine): self
    {
        return $this->but(heldOn: $machine);
    }

    /** Nobody looks for another place for it. */
    public function stays(): bool
    {
        return $this->isInFront() || $this->fixed !== null;
    }

    /** Nothing goes before it on its machine. */
    public function isInFront(): bool
    {
        return $this->alreadySetUp || $this->heldOn !== null;
    }

    private function but(?int $pieces = null, ?Promise $promise = null, ?string $heldOn = null): self
    {
        return new self(
            $this->id,
            $pieces ?? $this->pieces,
            $this->sewing,
            $this->equipment,
            $promise ?? $this->promise,
            $this->alreadySetUp,
            $this->fixed,
            $heldOn ?? $this->heldOn,
        );
    }

    /** The design of the one before it goes on in its frame. */
    public function goesOn(?self $before): bool
    {
        return $this->equipment->goesOn($before?->equipment);
    }

    public function demand(): Demand
    {
        return new Demand($this->id, $this->equipment->threads);
    }
}
