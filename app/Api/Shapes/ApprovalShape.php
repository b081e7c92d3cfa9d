<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Orders\Approvals\ApprovalState;
use App\Orders\Models\Approval;
use Carbon\CarbonImmutable;

/** What a customer is asked to say yes to. */
final readonly class ApprovalShape extends ApiShape
{
    /**
     * @param string      $url    where the customer sees and answers it, without an account; whoever has it may answer
     * @param string|null $wish   what is to change
     * @param string      $sha256 of what is shown, to the last sign
     */
    private function __construct(
        public ApprovalState $state,
        public string $url,
        public CarbonImmutable $expiresAt,
        public ?string $answeredBy,
        public ?string $wish,
        public string $sha256,
    ) {}

    public static function of(Approval $approval): self
    {
        return new self(
            ApprovalState::of($approval),
            $approval->address(),
            $approval->expires_at,
            $approval->answered_by,
            $approval->wish,
            $approval->shown_hash,
        );
    }
}
