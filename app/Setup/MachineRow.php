<?php

declare(strict_types=1);

namespace App\Setup;

use App\Machine\Models\Machine;
use Hakama\Setup\Advice;
use Hakama\Setup\Notes\Warning;

/**
 * One of the shop's machines for one decoration: whether it can be sewn there, and what is to be minded on it alone.
 */
final readonly class MachineRow
{
    /** @param list<Warning> $own what is said of this machine and not of the decoration as such */
    private function __construct(public Machine $machine, public string $verdict, public array $own) {}

    /** @param Advice $shop what is said whatever the machine */
    public static function of(Machine $machine, Advice $on, Advice $shop): self
    {
        $common = array_map(static fn(Warning $warning): string => $warning->code, $shop->warnings);

        return new self(
            $machine,
            $on->verdict(),
            array_values(
                array_filter(
                    $on->warnings,
                    static fn(Warning $warning): bool => ! in_array($warning->code, $common, true),
                ),
            ),
        );
    }
}
