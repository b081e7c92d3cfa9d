<?php

declare(strict_types=1);

namespace App\Api\Shapes;

/** One row of an invoice. */
final readonly class InvoiceRowShape extends ApiShape
{
    /**
     * @param string $text  as it stands on the paper
     * @param int    $cents for all of them, without tax
     */
    public function __construct(public string $text, public int $pieces, public int $cents) {}
}
