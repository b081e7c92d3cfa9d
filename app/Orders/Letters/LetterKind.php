<?php

declare(strict_types=1);

namespace App\Orders\Letters;

/** What a customer is written about. */
enum LetterKind: string
{
    case Received = 'received';
    case Sample = 'sample';
    case Approve = 'approve';
    case Late = 'late';
    case Ironing = 'ironing';
    case PartReady = 'part_ready';
    case Ready = 'ready';
    case Cancelled = 'cancelled';
    case Invoice = 'invoice';
    case Credit = 'credit';
    case Reminder = 'reminder';

    /** It is about an invoice and goes with its paper, not about an order itself. */
    public function isOfInvoice(): bool
    {
        return in_array($this, [self::Invoice, self::Credit, self::Reminder], true);
    }

    public function label(): string
    {
        return __("letters.kind.{$this->value}");
    }

    /** @param int $number of the order, or of the invoice it is about */
    public function subject(int $number): string
    {
        return __("letters.subject.{$this->value}", ['number' => (string) $number]);
    }
}
