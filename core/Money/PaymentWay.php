<?php

declare(strict_types=1);

namespace Hakama\Money;

/** How money came in, and so where it lies. */
enum PaymentWay: string
{
    case Bank = 'bank';
    case Cash = 'cash';
    case Card = 'card';
}
