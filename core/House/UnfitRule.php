<?php

declare(strict_types=1);

namespace Hakama\House;

use Hakama\Words\Joined;
use Hakama\Words\Refusal;
use Hakama\Words\Text;
use Hakama\Words\Texts;

final class UnfitRule extends Refusal
{
    public static function outside(HouseRule $rule, float $value): self
    {
        $spec = RuleSpec::of($rule);

        return new self(
            new Text('shop.unfit_rule.outside', [
                'rule' => new Text("rules.{$rule->value}.label"),
                'least' => (string) $spec->least,
                'most' => (string) $spec->most,
                'unit' => new Text("rules.{$rule->value}.unit"),
                'given' => (string) $value,
            ]),
        );
    }

    public static function school(string $question, string $school): self
    {
        $known = Question::tryFrom($question);

        return new self(
            $known === null
                ? new Text('shop.unfit_rule.no_question', ['question' => mb_substr($question, 0, 40)])
                : new Text('shop.unfit_rule.no_school', [
                    'question' => $question,
                    'schools' => new Texts(
                        Joined::Or,
                        ...array_map(static fn(School $one): string => $one->value, $known->schools()),
                    ),
                    'given' => mb_substr($school, 0, 40),
                ]),
        );
    }

    public static function day(): self
    {
        return new self(new Text('shop.unfit_rule.day'));
    }
}
