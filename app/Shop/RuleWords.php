<?php

declare(strict_types=1);

namespace App\Shop;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Words;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\RuleSpec;
use Hakama\House\School;
use Hakama\Money\Amount;

/** House rules as people read them: what each is called, what it is for, in which unit. Money is read as money. */
final class RuleWords
{
    public static function label(HouseRule $rule): string
    {
        return (string) __("rules.{$rule->value}.label");
    }

    public static function help(HouseRule $rule): string
    {
        return (string) __("rules.{$rule->value}.help");
    }

    public static function unit(HouseRule $rule): string
    {
        return (string) __("rules.{$rule->value}.unit", ['currency' => ShopProfile::currency()]);
    }

    /** "18.00" of an amount, "0.4" of anything else, with the mark of the reader; typed so it is read again. */
    public static function figure(HouseRule $rule, float $value): string
    {
        $plain = RuleSpec::of($rule)->isMoney() ? Amount::plain((int) round($value)) : (string) $value;

        return str_replace('.', Words::mark(), $plain);
    }

    public static function question(Question $question): string
    {
        return (string) __("questions.{$question->value}.question");
    }

    public static function school(Question $question, School $school): string
    {
        return (string) __("questions.{$question->value}.{$school->value}");
    }
}
