<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

/** What a customer says to what they were shown. */
enum ApprovalAnswer: string
{
    case Approved = 'approved';
    case Change = 'change';

    public function label(): string
    {
        return __("approval.answer.{$this->value}");
    }
}
