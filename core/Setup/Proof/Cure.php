<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Words\Text;

/** Something that was tried, and with which it can be sewn. */
final readonly class Cure
{
    /**
     * @param non-empty-list<FactChange> $changes
     * @param float                      $talkMin to ask the customer first
     */
    public function __construct(
        public CureKind $kind,
        public Text $text,
        public array $changes,
        private float $talkMin = 0.0,
    ) {}

    /** Where it would go instead; null where the cure is no move on the same part. */
    public function place(): ?FoundPlacement
    {
        return $this->changes[0]->place();
    }

    public function minutes(): float
    {
        return $this->kind->minutes() + $this->talkMin;
    }
}
