<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;

/** A machine as the plan sees it: its size, the state in which it stands, and when it is worked on. */
final readonly class Lane
{
    /**
     * @param string             $frame   the frame mounted now, '' for none
     * @param string             $needle  size and point that are fitted; '' where nobody knows
     * @param array<string, int> $driverS "from>to" => seconds, where this machine takes its own time
     */
    public function __construct(
        public string $id,
        public int $heads,
        public Rack $rack,
        public string $driver,
        public string $frame,
        public Hours $hours,
        public array $driverS = [],
        public string $needle = '',
    ) {}

    /** The same machine, worked on at other times. */
    public function working(Hours $hours): self
    {
        return new self(
            $this->id,
            $this->heads,
            $this->rack,
            $this->driver,
            $this->frame,
            $hours,
            $this->driverS,
            $this->needle,
        );
    }
}
