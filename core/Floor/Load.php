<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** The load a machine is at, or was at last. */
final readonly class Load
{
    /**
     * @param int            $number   within the batch, from 1; 0 before the first
     * @param string|null    $event    that started it
     * @param int            $stitch   sewn in it as far as the events say
     * @param float          $clockS   seconds by the machine's own clock since it started
     * @param EventKind|null $haltedBy while it is halted
     * @param int            $hooping  of its pieces, from 1
     */
    public function __construct(
        public int $number = 0,
        public ?string $event = null,
        public int $stitch = 0,
        public float $clockS = 0.0,
        public ?EventKind $haltedBy = null,
        public int $hooping = 1,
    ) {}

    public function halted(Event $event): self
    {
        return new self(
            $this->number,
            $this->event,
            max($this->stitch, $event->stitch),
            max($this->clockS, $event->clockS),
            $event->kind,
            $this->hooping,
        );
    }

    public function resumed(): self
    {
        return new self($this->number, $this->event, $this->stitch, $this->clockS, null, $this->hooping);
    }

    public function sewn(Event $event): self
    {
        return new self($this->number, $this->event, $event->stitch, $event->clockS, null, $this->hooping);
    }

    public function next(Event $event): self
    {
        return new self($this->number + 1, $event->id, hooping: $event->hooping);
    }
}
