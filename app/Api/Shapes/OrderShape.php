<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Orders\Approvals\ApprovalState;
use App\Orders\Models\Order;
use App\Orders\OrderState;
use App\Orders\Queries\OrderRow;
use Carbon\CarbonImmutable;

/** An order, how far it has come, and when it will be ready. */
final readonly class OrderShape extends ApiShape
{
    /**
     * @param int                  $number      by which the shop and its papers call it
     * @param bool                 $forEvent    of no use after it is due
     * @param int                  $pieces      that are sewn in all: a garment with two places is two
     * @param int                  $done        of these
     * @param int                  $handedOver  garments that have left
     * @param int                  $blanksShort garments that are missing to sew it
     * @param CarbonImmutable|null $readyAt     when the plan has the last piece of it sewn; null where it is done, or not planned
     * @param bool                 $isLate      ready later than due by the plan, or past due
     * @param float|null           $odds        of being ready when due, 0 to 1; null where nothing is left, or not known yet
     * @param ApprovalState        $approval    what the customer said to what they were shown last
     * @param list<LineShape>      $lines
     */
    private function __construct(
        public int $number,
        public OrderState $state,
        public string $customer,
        public CarbonImmutable $receivedAt,
        public CarbonImmutable $dueAt,
        public bool $forEvent,
        public string $note,
        public int $pieces,
        public int $done,
        public int $handedOver,
        public int $blanksShort,
        public ?CarbonImmutable $readyAt,
        public bool $isLate,
        public ?float $odds,
        public ApprovalState $approval,
        public array $lines,
    ) {}

    public function garments(): int
    {
        return array_sum(array_map(static fn(LineShape $line): int => $line->garments(), $this->lines));
    }

    /** @param list<LineShape> $lines */
    public static function of(
        Order $order,
        OrderRow $row,
        ?float $odds,
        int $handedOver,
        ApprovalState $approval,
        array $lines,
    ): self {
        return new self(
            $order->number,
            $row->state(),
            $row->customer,
            $order->received_at,
            $order->due_at,
            $order->for_event,
            $order->note,
            $row->pieces,
            $row->done,
            $handedOver,
            $row->blanksShort,
            $row->ends,
            $row->isLate(),
            $odds,
            $approval,
            $lines,
        );
    }
}
