<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Hakama\Words\Text;

/** What is wrong with an electronic invoice: by which rule of the norm, in words. */
final readonly class BillFinding
{
    public function __construct(public string $rule, public Text $text) {}
}
