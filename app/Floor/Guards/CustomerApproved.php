<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Orders\Models\Decoration;
use App\Orders\Queries\ApprovedDecorations;
use App\Shop\House;
use Hakama\Floor\EventKind;
use Hakama\House\Question;

/** Where the house wants it, nothing is sewn before the customer has said yes to it as it is now. */
final readonly class CustomerApproved implements Guard
{
    public function __construct(private House $house) {}

    public function check(Touch $touch): void
    {
        if (
            $touch->kind !== EventKind::PreflightDone
            || $this->house->rules()->school(Question::Approval) !== 'before_sewing'
        ) {
            return;
        }
        $decoration = Decoration::query()
            ->with(['line.order', 'artwork.blocks.thread'])
            ->findOrFail($touch->running->batch->decorationId);
        if (! ApprovedDecorations::has($decoration)) {
            throw TouchRefused::at('checked', __('approval.page.not_approved_yet', [
                'number' => $decoration->line->order->number,
            ]));
        }
    }
}
