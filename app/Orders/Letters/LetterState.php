<?php

declare(strict_types=1);

namespace App\Orders\Letters;

/** How far a letter has come. */
enum LetterState: string
{
    case Waiting = 'waiting';
    /** Begun; where it stays so nobody knows whether it arrived, and it is not sent again by itself. */
    case Sending = 'sending';
    case Sent = 'sent';
    /** Refused, or it came back. */
    case Failed = 'failed';

    public function label(): string
    {
        return __("letters.state.{$this->value}");
    }

    /** Whether somebody may have it sent once more. */
    public function mayGoAgain(): bool
    {
        return $this === self::Sending || $this === self::Failed;
    }
}
