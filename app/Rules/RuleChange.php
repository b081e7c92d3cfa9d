<?php

declare(strict_types=1);

namespace App\Rules;

use App\History\History;
use App\Jobs\ReadTape;
use App\Models\Artwork;
use App\Models\Change;
use App\Setup\SetupTimes;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\RuleSpec;
use Hakama\House\UnfitRule;

/** House rules get other values: noted with who did it, and all that follows from them is worked out anew. */
final readonly class RuleChange
{
    public function __construct(private House $house, private SetupTimes $times) {}

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
        $timed = SetupTimes::inputs($this->house->rules());
        $measured = $this->house->rules()->measuring();
        $changed = $this->house->change($figures, $schools);
        foreach ($changed as $rule) {
            History::note(
                Change::RULE,
                $rule->value,
                RuleSpec::of($rule)->label,
                [$rule->value => $before[$rule->value]],
                [$rule->value => $this->house->rules()->value($rule)],
            );
        }
        foreach (array_diff_assoc($schools, $followed) as $question => $school) {
            History::note(
                Change::RULE,
                $question,
                Question::from($question)->words(),
                ['school' => $followed[$question]],
                ['school' => $school],
            );
        }
        // Not by where a rule stands on the form, but by what follows from it.
        if (SetupTimes::inputs($this->house->rules()) !== $timed) {
            $this->times->retime();
        }
        if ($this->house->rules()->measuring() !== $measured) {
            // Long tapes take their time: the worker looks them over again.
            Artwork::query()
                ->whereNotNull('read_at')
                ->pluck('id')
                ->each(static fn(int $id) => ReadTape::dispatch($id)->afterCommit());
        }

        return $changed;
    }
}
