<?php

declare(strict_types=1);

namespace App\Floor;

use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\StepTable;
use Hakama\Setup\Notes\WorkStage;

/**
 * The steps of one batch as its setup has them. What comes before the machine may sew is confirmed line by line,
 * hooping and mounting stage by stage; finishing and inspecting are confirmed with the pieces that are counted.
 */
final readonly class WorkList
{
    /** For a setup from before steps were kept with it. */
    private const LEAST = [
        'select_frame',
        'design_upright',
        'needle_one',
        'trace',
        'bobbin_lasts',
        'tails_scissors',
        'inspect_unhooped',
    ];

    /** Keys of the page that mean something else. */
    private const TAKEN = ['g', 'h', 's', 'd', 'x', 'o', 'n', 'm'];

    /** @param list<Note> $steps */
    private function __construct(public array $steps) {}

    /** @param list<array{string, string, string}>|null $kept code, stage and words */
    public static function of(?array $kept): self
    {
        $least = array_values(array_filter(array_map(StepTable::find(...), self::LEAST)));

        return new self(
            $kept === null || $kept === []
                ? array_map(static fn($rule): Note => new Note($rule->code, $rule->text, $rule->stage), $least)
                : array_map(
                    static fn(array $step): Note => new Note($step[0], $step[2], WorkStage::from($step[1])),
                    $kept,
                ),
        );
    }

    /** @return list<Note> */
    public function at(WorkStage $stage): array
    {
        return array_values(array_filter($this->steps, static fn(Note $step): bool => $step->stage === $stage));
    }

    /** @return list<string> what has to be ticked before the first load: stages, and lines of the preflight */
    public function wanted(): array
    {
        $stages = array_filter(
            [WorkStage::Prepare, WorkStage::Hoop, WorkStage::Mount],
            fn(WorkStage $stage): bool => $this->at($stage) !== [],
        );

        return [...array_column($stages, 'value'), ...array_column($this->at(WorkStage::Preflight), 'code')];
    }

    /** @return array<string, string> what has to be ticked => the key for it */
    public function keys(): array
    {
        $letters = array_values(array_diff(range('a', 'z'), self::TAKEN));
        $keys = [];
        foreach ($this->wanted() as $i => $name) {
            $keys[$name] = $letters[$i] ?? '';
        }

        return $keys;
    }

    /** @return list<string> the codes of all steps before the machine may sew, or after */
    public function codes(bool $before): array
    {
        return array_column(
            array_filter($this->steps, static fn(Note $step): bool => $step->stage->isBefore() === $before),
            'code',
        );
    }
}
