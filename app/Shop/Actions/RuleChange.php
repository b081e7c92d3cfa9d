<?php

declare(strict_types=1);

namespace App\Shop\Actions;

use App\Shop\ChangeLog;
use App\Shop\Events\RuleChanged;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Shop\RuleWords;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\UnfitRule;

/** House rules get other values: noted with who did it, and all that follows from them is worked out anew. */
final readonly class RuleChange
{
    public function __construct(private House $house) {}

    /**
     * @param array<string, float>  $figures rule => value
     * @param array<string, string> $schools question => school
     *
     * @return list<HouseRule> that have another value now
     *
     * @throws UnfitRule when a value is out of its range, or they do not go with each other
     */
    public function set(array $figures, array $schools = []): array
    {
        $before = $this->house->figures();
        $followed = $this->house->schools();
        $rules = $this->house->ofShop();
        $changed = $this->house->change($figures, $schools);
        foreach ($changed as $rule) {
            ChangeLog::note(
                Change::RULE,
                $rule->value,
                RuleWords::label($rule),
                [$rule->value => $before[$rule->value]],
                [$rule->value => $this->house->ofShop()->value($rule)],
            );
        }
        foreach (array_diff_assoc($schools, $followed) as $question => $school) {
            ChangeLog::note(
                Change::RULE,
                $question,
                RuleWords::question(Question::from($question)),
                ['school' => $followed[$question]],
                ['school' => $school],
            );
        }
        RuleChanged::dispatch($rules, $this->house->ofShop());

        return $changed;
    }
}
