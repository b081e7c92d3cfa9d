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

    /** @return list<string> what is written about an order itself, not about an invoice */
    public static function ofOrders(): array
    {
        return array_values(array_map(
            static fn(self $one): string => $one->value,
            array_filter(self::cases(), static fn(self $one): bool => ! in_array(
                $one,
                [self::Invoice, self::Credit, self::Reminder],
                true,
            )),
        ));
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
