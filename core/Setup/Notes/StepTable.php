<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/**
 * What is done to set the machine, prepare, hoop, mount, check, sew, finish and inspect. In which order the steps of one
 * piece of work come is worked out from what each needs and makes.
 */
final class StepTable
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        /** @var list<NoteRule>|null $kept */
        static $kept = null;

        return $kept ??= [
            ...MachineSteps::all(),
            ...PrepareSteps::all(),
            ...HoopSteps::all(),
            ...MountSteps::all(),
            ...PreflightSteps::all(),
            ...FinishSteps::all(),
        ];
    }

    public static function find(string $code): ?NoteRule
    {
        foreach (self::all() as $rule) {
            if ($rule->code === $code) {
                return $rule;
            }
        }

        return null;
    }
}
