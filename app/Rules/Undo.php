<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\Change;
use App\Shop\House;
use Hakama\House\UnfitRule;

/**
 * Takes a change back where nothing physical happened: a house rule gets the value it had, a question the school that
 * was followed. What was sewn, cut, handed over or moved is put right by what happens next, never by taking it back.
 */
final readonly class Undo
{
    private const SCHOOL = 'school';

    public function __construct(private House $house, private RuleChange $rules) {}

    public static function can(Change $change): bool
    {
        return $change->kind === Change::RULE && ($change->before ?? []) !== [];
    }

    /** @return string|null why it cannot be taken back (any more); null when it was */
    public function take(Change $change): ?string
    {
        $before = $change->before ?? [];
        $after = $change->after ?? [];
        if (! self::can($change)) {
            return 'That cannot be taken back: something may have been made by it.';
        }
        $isSchool = isset($before[self::SCHOOL]);
        $isAsLeft = $isSchool
            ? ($this->house->schools()[$change->thing] ?? null) === ($after[self::SCHOOL] ?? null)
            : abs(($this->house->figures()[$change->thing] ?? INF) - (float) ($after[$change->thing] ?? 0)) < 1e-9;
        if (! $isAsLeft) {
            return "{$change->what} was changed again since; take that back first.";
        }
        try {
            $isSchool
                ? $this->rules->set([], [$change->thing => (string) $before[self::SCHOOL]])
                : $this->rules->set([$change->thing => (float) ($before[$change->thing] ?? 0)]);
        } catch (UnfitRule $e) {
            return $e->getMessage();
        }

        return null;
    }
}
