<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** A colour in CIE L*a*b*, white point D65. */
final readonly class Lab
{
    public function __construct(public float $l, public float $a, public float $b) {}

    /**
     * How different two colours look, CIEDE2000 with kL = kC = kH = 1.
     *
     * Source: Sharma, Wu, Dalal, "The CIEDE2000 color-difference formula: implementation notes,
     * supplementary test data, and mathematical observations", 2005.
     */
    public function differenceTo(self $other): float
    {
        return \Hakama\Thread\Internal\Ciede2000::difference([$this->l, $this->a, $this->b], [$other->l, $other->a, $other->b]);
    }
}
