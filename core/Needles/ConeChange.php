<?php

declare(strict_types=1);

namespace Hakama\Needles;

/** One cone exchanged: on this needle, take off `from`, load `to`. */
final readonly class ConeChange
{
    /**
     * @param string|null $from        null when the needle stood empty
     * @param int         $beforeBlock 1 is before the batch starts; above that a swap at a stop in its middle
     */
    public function __construct(
        public int $needle,
        public ?string $from,
        public string $to,
        public int $beforeBlock,
    ) {}
}
