<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Machine\Models\Machine;
use App\Setup\MachineRow;

/** The shop's machines for a decoration. */
final readonly class SetupMachines
{
    /**
     * @param list<MachineRow> $machines
     * @param Machine|null     $mounted   the one whose mounted frame changes are counted from
     * @param string|null      $onMachine code of the one that is asked about alone
     * @param string|null      $asked     code of it, or `any`, where somebody has said which
     */
    public function __construct(
        public array $machines,
        public ?Machine $mounted,
        public ?string $onMachine,
        public ?string $asked,
    ) {}
}
