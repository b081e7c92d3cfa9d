<?php

declare(strict_types=1);

namespace App\Shop\Undo;

use App\Foundation\Words\Words;
use App\Shop\Actions\RuleChange;
use App\Shop\House;
use App\Shop\Models\Change;
use Hakama\House\HouseRule;
use Hakama\House\UnfitRule;

/** A house rule gets the value it had, a question the school that was followed. */
final readonly class UndoRule implements Undoes
{
    private const SCHOOL = 'school';

    public function __construct(private House $house, private RuleChange $rules) {}

    /** @return string|null why it cannot be taken back any more; null when it was */
    public function undo(Change $change): ?string
    {
        $before = $change->before ?? [];
        $after = $change->after ?? [];
        $isSchool = isset($before[self::SCHOOL]);
        if (! $isSchool && HouseRule::tryFrom($change->thing) === null) {
            return __('shop.undo_rule.undo_it_where_it_was_set', ['what' => $change->what]);
        }
        $isAsLeft = $isSchool
            ? ($this->house->schools()[$change->thing] ?? null) === ($after[self::SCHOOL] ?? null)
            : abs(($this->house->figures()[$change->thing] ?? INF) - (float) ($after[$change->thing] ?? 0)) < 1e-9;
        if (! $isAsLeft) {
            return __('shop.undo_rule.was_changed_again_since_undo_that', ['what' => $change->what]);
        }
        try {
            $isSchool
                ? $this->rules->set([], [$change->thing => (string) $before[self::SCHOOL]])
                : $this->rules->set([$change->thing => (float) ($before[$change->thing] ?? 0)]);
        } catch (UnfitRule $e) {
            return Words::why($e);
        }

        return null;
    }
}
