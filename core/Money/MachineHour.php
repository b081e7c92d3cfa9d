<?php

declare(strict_types=1);

namespace Hakama\Money;

use InvalidArgumentException;

/** What an hour of a machine costs, from what it was bought for, how long it lasts and what it uses. */
final readonly class MachineHour
{
    private function __construct(public Amount $writtenOff, public Amount $power, public Amount $care) {}

    /**
     * @param int   $priceCents  of the machine
     * @param float $years       until it is written off; above zero
     * @param float $hours       it runs in a year; above zero
     * @param float $watts       it draws as it runs
     * @param float $kwhCents    of a kilowatt hour
     * @param int   $careCents   of needles, oil and the fitter in a year
     */
    public static function of(
        int $priceCents,
        float $years,
        float $hours,
        float $watts,
        float $kwhCents,
        int $careCents,
    ): self {
        if ($years <= 0 || $hours <= 0) {
            throw new InvalidArgumentException('a machine lasts some years and runs some hours');
        }

        return new self(
            Amount::of($priceCents)->per($years)->per($hours),
            Amount::of($watts)->times($kwhCents)->per(1000),
            Amount::of($careCents)->per($hours),
        );
    }

    public function cents(): int
    {
        return $this->writtenOff->plus($this->power)->plus($this->care)->cents();
    }
}
