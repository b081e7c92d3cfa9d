<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Machine;

/** The shop's machines for a decoration. */
final readonly class SetupMachines
{
    /**
     * @param list<MachineRow> $machines
     * @param Machine|null     $mounted   the one whose mounted frame changes are counted from
     * @param string|null      $onMachine code of the one that is asked about alone
     */
    public function __construct(public array $machines, public ?Machine $mounted, public ?string $onMachine) {}
}
