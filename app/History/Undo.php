<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Change;
use App\Setup\SetupTimes;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\House\UnfitRule;

/**
 * Takes a change back where nothing physical happened: a house rule gets the value it had. What was sewn, cut, handed
 * over or moved is put right by what happens next, never by taking it back.
 */
final readonly class Undo
{
    public function __construct(private House $house, private SetupTimes $times) {}

    public static function can(Change $change): bool
    {
        return $change->kind === Change::RULE && ($change->before ?? []) !== [];
    }

    /** @return string|null why it cannot be taken back (any more); null when it was */
    public function take(Change $change): ?string
    {
        if (! self::can($change)) {
            return 'That cannot be taken back: something may have been made by it.';
        }
        $now = $this->house->figures();
        foreach ($change->after ?? [] as $rule => $value) {
            if (abs(($now[$rule] ?? INF) - (float) $value) > 1e-9) {
                return "{$change->thing} was changed again since; take that back first.";
            }
        }
        try {
            $changed = $this->house->change(array_map(floatval(...), $change->before ?? []));
        } catch (UnfitRule $e) {
            return $e->getMessage();
        }
        if (array_filter($changed, static fn(HouseRule $rule): bool => $rule->spec()->station === 'Plan') !== []) {
            $this->times->retime();
        }

        return null;
    }
}
