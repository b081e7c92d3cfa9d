<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/**
 * What is done, in order: prepare, hoop, mount, preflight, finish, inspect. Only what is easily forgotten; hands know
 * the rest.
 */
final class StepTable
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        /** @var list<NoteRule>|null $kept */
        static $kept = null;

        return $kept ??= [
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
