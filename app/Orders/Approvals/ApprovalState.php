<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

use App\Orders\Models\Approval;

/** What became of what a customer was shown. */
enum ApprovalState: string
{
    case NotAsked = 'not_asked';
    case Waiting = 'waiting';
    case Approved = 'approved';
    case Change = 'change';
    /** Withdrawn, or nobody answered in time. */
    case Over = 'over';

    public static function of(?Approval $last): self
    {
        return match (true) {
            $last === null => self::NotAsked,
            $last->answer === ApprovalAnswer::Approved => self::Approved,
            $last->answer === ApprovalAnswer::Change => self::Change,
            $last->isOver() => self::Over,
            default => self::Waiting,
        };
    }
}
