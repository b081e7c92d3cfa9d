<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Api\NewsKind;
use Carbon\CarbonImmutable;

/** What a program is told by itself: what is new, and the thing itself as it was then. */
final readonly class NewsShape extends ApiShape
{
    /**
     * @param string            $id      the same each time this is told: what was heard once is heard
     * @param list<string>      $changed fields of the order that are other than what was told last
     * @param OrderShape|null   $order   where it is about an order
     * @param InvoiceShape|null $invoice where it is about an invoice
     */
    public function __construct(
        public string $id,
        public NewsKind $kind,
        public CarbonImmutable $madeAt,
        public array $changed,
        public ?OrderShape $order,
        public ?InvoiceShape $invoice,
    ) {}
}
