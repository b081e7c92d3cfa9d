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
     * @param array<int, string> $fitted  needle => size and point that are on it; a needle that nobody knows is left
     *     out
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
        public array $fitted = [],
    ) {}

    /**
     * How many needles have to be exchanged for a batch that finds the machine as it stands now: that of each of its
     * threads that is on the rack, and for a thread that is not, whatever most needles are.
     *
     * @param list<string> $threads
     */
    public function unlike(string $needle, array $threads): int
    {
        $on = [];
        foreach ($this->rack->needles as $number => $one) {
            if ($one->thread !== null) {
                $on[$one->thread] ??= $this->fitted[$number] ?? '';
            }
        }
        $kinds = array_count_values($this->fitted);
        arsort($kinds);
        $most = array_key_first($kinds) ?? '';

        return count(
            array_filter(
                $threads,
                static fn(string $thread): bool => ! in_array($on[$thread] ?? $most, ['', $needle], true),
            ),
        );
    }

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
            $this->fitted,
        );
    }
}
