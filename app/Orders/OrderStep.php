<?php

declare(strict_types=1);

namespace App\Orders;

/** How far an order has come in one respect: so many of so many. */
final readonly class OrderStep
{
    /** @param int|null $of null where nobody has counted */
    public function __construct(public string $name, public int $some, public ?int $of, public string $when = '') {}

    public function isDone(): bool
    {
        return $this->of !== null && $this->of > 0 && $this->some >= $this->of;
    }

    public function share(): float
    {
        return $this->of === null || $this->of === 0 ? 0.0 : min(1.0, $this->some / $this->of);
    }
}
