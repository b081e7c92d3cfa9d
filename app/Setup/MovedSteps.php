<?php

declare(strict_types=1);

namespace App\Setup;

use App\Machine\Models\Machine;
use App\Plan\Queries\PlanBoard;
use App\Setup\Queries\MachineSetups;

/** What the operator has to do otherwise when a batch goes to another machine. */
final readonly class MovedSteps
{
    /** So many steps are named. */
    private const NAMED = 2;

    public function __construct(private MachineSetups $setups) {}

    /** @return string empty where it stands on no machine yet, stays, or nothing is to be done otherwise */
    public function words(PlanBoard $board, string $code, string $machine): string
    {
        $batch = $board->batches()[$code] ?? null;
        $from = self::machine($board, $board->sequence()->machineOf($code));
        $to = self::machine($board, $machine);
        if ($batch === null || $from === null || $to === null || $from->id === $to->id) {
            return '';
        }
        [$here, $there] = [
            $this->setups->on($batch->decorationId, $from),
            $this->setups->on($batch->decorationId, $to),
        ];
        $other = $here === null || $there === null ? [] : $there->otherThan($here);

        return $other === []
            ? ''
            : ' '.__('setup.moved_steps.needs_other_steps_than', [
                'code' => $to->code,
                'code_2' => $from->code,
                'value' => implode(' ', array_slice($other, 0, self::NAMED)),
                'value_2' => count($other) > self::NAMED ? ' '.__('setup.moved_steps.and_more') : '',
            ]);
    }

    private static function machine(PlanBoard $board, ?string $code): ?Machine
    {
        return $board->machines()->firstWhere('code', $code);
    }
}
