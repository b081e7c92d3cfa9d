<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Orders\Approvals\ApprovalAnswer;
use App\Orders\Approvals\ToApprove;
use App\Orders\Models\Approval;
use App\Orders\Models\Decoration;

/** Whether the customer has said yes to a decoration as it would be sewn now. */
final class ApprovedDecorations
{
    /** Wants `line` and `artwork.blocks.thread` loaded. */
    public static function has(Decoration $decoration): bool
    {
        $last = Approval::query()
            ->where('order_id', $decoration->line->order_id)
            ->whereNotNull('answer')
            ->orderByDesc('id')
            ->first();
        $root = $decoration->split_from_id ?? $decoration->id;

        return $last?->answer === ApprovalAnswer::Approved
            && ($last->seen()->signs()[$root] ?? null) === ToApprove::sign($decoration);
    }
}
