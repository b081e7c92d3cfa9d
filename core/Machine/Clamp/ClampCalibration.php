<?php

declare(strict_types=1);

namespace Hakama\Machine\Clamp;

use Hakama\Words\Text;

/** Whether a clamp with one of its windows, on one machine, is where the machine was last shown that it is. */
final readonly class ClampCalibration
{
    /**
     * Moments as seconds; null where it never happened.
     *
     * @param int|null $foundAt   its true centre was found and written down
     * @param int|null $droppedAt somebody said that it fell, or was struck
     * @param int|null $changedAt something else stood on that machine since
     */
    public function __construct(private ?int $foundAt, private ?int $droppedAt, private ?int $changedAt) {}

    /** Why its true centre has to be found before it is sewn in; null where what was found still holds. */
    public function due(): ?Text
    {
        return match (true) {
            $this->foundAt === null => new Text('setup.clamp_doubt.never_found'),
            $this->droppedAt !== null && $this->droppedAt >= $this->foundAt => new Text('setup.clamp_doubt.dropped'),
            $this->changedAt !== null && $this->changedAt >= $this->foundAt
                => new Text('setup.clamp_doubt.changed'),
            default => null,
        };
    }
}
