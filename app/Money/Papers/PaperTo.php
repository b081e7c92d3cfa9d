<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\Words\Languages;
use App\Orders\Models\Customer;
use Hakama\Money\Address;
use Hakama\Money\Letterhead;
use Locale;

/** To whom a paper goes, as it stands in the window of an envelope. */
final class PaperTo
{
    /** @return list<string> */
    public static function customer(Customer $customer, Letterhead $from): array
    {
        return [$customer->name, ...self::lines($customer->invoiceAddress(), $from->party->address)];
    }

    /** @return list<string> the country is named where the letter leaves its own */
    public static function lines(Address $to, Address $from): array
    {
        return $to->lines(
            $to->country === '' || $to->country === $from->country
                ? ''
                : (string) Locale::getDisplayRegion("-{$to->country}", Languages::now()),
        );
    }
}
