<?php

declare(strict_types=1);

namespace App\Setup\Console;

use App\Foundation\Words\Words;
use App\Shop\RuleWords;
use Hakama\House\Question;
use Hakama\House\School;
use Hakama\Setup\Notes\CautionTable;
use Hakama\Setup\Notes\NoteRule;
use Hakama\Setup\Notes\PracticeTable;
use Hakama\Setup\Notes\StepTable;
use Hakama\Setup\Notes\WarningTable;
use Hakama\Setup\Proof\CureKind;
use Hakama\Setup\Rules\Rule;
use Hakama\Setup\Rules\RuleTable;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** docs/advice.md, made from the rules themselves. */
final class SetupRules extends Command
{
    protected $signature = 'setup:rules';
    protected $description = 'Prints the setup rules as docs/advice.md has them';

    public function handle(): int
    {
        $this->output->write(self::page(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    public static function page(): string
    {
        $page =
            "# Advice\n\nMade from the rules by `php artisan setup:rules`. Of each table the first line that ".
            "applies, and is of the house’s school, holds;\nthe last always applies. Where a school is named, the ".
            "other one is shown beside the advice.\nWhat must be so spoils cloth, needle or machine otherwise; what ".
            "should be so is what practice has shown; what may be so is a habit of the house.\n";
        foreach (RuleTable::all() as $about => $rules) {
            $page .=
                "\n## ".ucfirst($about)."\n\n| rule | when | why | holds | school |\n|---|---|---|---|---|\n";
            $page .= implode(
                '',
                array_map(
                    static fn(
                        Rule $rule,
                    ): string => "| `{$rule->name}` | ".Words::say($rule->when()).' | '.
                        Words::say($rule->text())." | {$rule->strength->value} | ".
                        self::school($rule->question, $rule->school).
                        " |\n",
                    $rules,
                ),
            );
        }
        $page .= "\n## Warnings\n\n| code | raised by | |\n|---|---|---|\n";
        foreach (WarningTable::all() as $rule) {
            $page .= "| `{$rule->code}` | ".Words::say($rule->when()).' | '.$rule->weight()." |\n";
        }
        $page .= "\n## Cures of a stop\n\n| code | what is changed | minutes |\n|---|---|---|\n";
        foreach (CureKind::cases() as $kind) {
            $page .= "| `{$kind->value}` | ".Words::say($kind->words())." | {$kind->minutes()} |\n";
        }
        $page .= "\n## Steps\n\n| code | part of | when | what | school |\n|---|---|---|---|---|\n";
        $page .= implode(
            '',
            array_map(
                static fn(
                    NoteRule $rule,
                ): string => "| `{$rule->code}` | {$rule->stage->value} | ".Words::say($rule->when()).' | '.
                    Words::say($rule->text()).' | '.
                    self::school($rule->question, $rule->school).
                    " |\n",
                StepTable::all(),
            ),
        );
        $page .= "\n## Cautions\n\n| code | when | what |\n|---|---|---|\n";
        $page .= implode(
            '',
            array_map(
                static fn(NoteRule $rule): string => "| `{$rule->code}` | ".Words::say($rule->when()).' | '.
                    Words::say($rule->text())." |\n",
                CautionTable::all(),
            ),
        );
        $page .= "\n## Schools\n\n| question | schools, the first until the shop says otherwise |\n|---|---|\n";
        foreach (Question::cases() as $question) {
            $page .=
                "| `{$question->value}`: ".RuleWords::question($question).' | '.
                implode(
                    ' · ',
                    array_map(
                        static fn(School $school): string => "`{$school->value}` ".RuleWords::school($question, $school),
                        $question->schools(),
                    ),
                ).
                " |\n";
        }

        $page .= "\n## What practitioners decide\n\n| decision | met by | held by the test |\n|---|---|---|\n";
        foreach (PracticeTable::ALL as $decision => [$codes, $test]) {
            $page .= "| {$decision} | `".implode('`, `', $codes)."` | `{$test}` |\n";
        }

        return $page."\nThe machine’s manual, local codes and trained people decide.\n";
    }

    private static function school(?Question $question, string $school): string
    {
        return $question === null ? '' : "{$question->value}: {$school}";
    }
}
