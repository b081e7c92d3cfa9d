<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What is prepared, or promised, of a batch: on which machine, from when, and what it costs to move it. */
final readonly class Keep
{
    /** It begins elsewhere in time when it begins so much sooner or later. */
    public const MOVED_S = 60;

    /**
     * @param int|null $startAt when its first load was to begin, seconds; null: at any time
     * @param float    $cost    in what plans are judged by, once, however far it is moved
     */
    public function __construct(public string $machine, public ?int $startAt, public float $cost) {}

    /** What a batch costs more that begins there and then. */
    public function costAt(string $machine, int $startAt): float
    {
        return $machine === $this->machine && ($this->startAt === null || abs($startAt - $this->startAt) < self::MOVED_S)
            ? 0.0
            : $this->cost;
    }
}
