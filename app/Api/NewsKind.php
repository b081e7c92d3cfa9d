<?php

declare(strict_types=1);

namespace App\Api;

/** What a program is told by itself. */
enum NewsKind: string
{
    case OrderNew = 'order.new';
    case OrderChanged = 'order.changed';
    case InvoiceNew = 'invoice.new';
    case InvoicePaid = 'invoice.paid';

    /** What it takes to be told. */
    public function scope(): Scope
    {
        return match ($this) {
            self::OrderNew, self::OrderChanged => Scope::ReadOrders,
            self::InvoiceNew, self::InvoicePaid => Scope::ReadInvoices,
        };
    }

    public function words(): string
    {
        return __('api.news.'.str_replace('.', '_', $this->value));
    }
}
