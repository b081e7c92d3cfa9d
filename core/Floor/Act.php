<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What a machine wants next from a hand, and how long it may wait. */
final readonly class Act
{
    /**
     * @param string $what    in few words
     * @param bool   $stands  the machine stands still for it now
     * @param float  $slackS  else: seconds until it has to be begun; below zero: the machine will stand
     * @param string $because why it comes where it comes
     */
    public function __construct(
        public string $machine,
        public string $what,
        public bool $stands,
        public float $slackS,
        public string $because,
    ) {}
}
