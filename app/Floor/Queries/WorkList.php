<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\WorkStage;

/**
 * The steps of one batch on the machine it stands on. What comes before the machine may sew is confirmed line by line,
 * hooping and mounting stage by stage; finishing and inspecting are confirmed with the pieces that are counted.
 */
final readonly class WorkList
{
    private const DRIVER = 'driver_change';

    /** Keys of the page that mean something else. */
    private const TAKEN = ['g', 'h', 's', 'd', 'x', 'o', 'n', 'm', 'y', 'v', 'z', 'i', 'q', 'w', 'j'];

    /** @param list<Note> $steps */
    private function __construct(public array $steps) {}

    /**
     * @param list<Note> $steps  as they are on the machine
     * @param list<Note> $driver to change its driver first; empty where that stays
     */
    public static function of(array $steps, array $driver = []): self
    {
        // The list of the driver itself stands for the step that only names it.
        $others = array_values(array_filter($steps, static fn(Note $step): bool => $step->code !== self::DRIVER));

        return new self([...$driver, ...$others]);
    }

    /** @return list<Note> */
    public function at(WorkStage $stage): array
    {
        return array_values(array_filter($this->steps, static fn(Note $step): bool => $step->stage === $stage));
    }

    /**
     * @return list<string> what has to be ticked before the first load: lines of the driver, of the machine and of the
     *     preflight, and stages between
     */
    public function wanted(): array
    {
        $stages = array_filter(
            [WorkStage::Prepare, WorkStage::Hoop, WorkStage::Mount],
            fn(WorkStage $stage): bool => $this->at($stage) !== [],
        );

        return [
            ...array_column($this->at(WorkStage::Driver), 'code'),
            ...array_column($this->at(WorkStage::Machine), 'code'),
            ...array_column($stages, 'value'),
            ...array_column($this->at(WorkStage::Preflight), 'code'),
        ];
    }

    /** @return array<string, string> what has to be ticked => the key for it; lines of the driver are ticked one by one */
    public function keys(): array
    {
        $letters = array_values(array_diff(range('a', 'z'), self::TAKEN));
        $keys = [];
        $driver = array_column($this->at(WorkStage::Driver), 'code');
        foreach (array_values(array_diff($this->wanted(), $driver)) as $i => $name) {
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
