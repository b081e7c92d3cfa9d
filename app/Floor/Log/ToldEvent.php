<?php

declare(strict_types=1);

namespace App\Floor\Log;

use Carbon\CarbonImmutable;
use Hakama\Floor\Event;

/** An event with who told it, and how. */
final readonly class ToldEvent
{
    /**
     * @param 'hand'|'machine'     $source
     * @param string               $who    stands at the machine; '' where nobody has said
     * @param CarbonImmutable|null $at     when it happened, where it is told later than that
     * @param string               $reason why an earlier event is put right by it
     */
    public function __construct(
        public Event $event,
        public string $source,
        public string $who = '',
        public ?CarbonImmutable $at = null,
        public string $reason = '',
    ) {}
}
