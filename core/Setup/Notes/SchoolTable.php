<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\House\School;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Words\Text;

/** What following one school changes: the rules and steps that hold only then. */
final class SchoolTable
{
    /** Schools whose rule is a figure, or the absence of a step. */
    private const ELSEWHERE = [
        [Question::BillGap, 'house_gap'],
        [Question::BillGap, 'frame_limit'],
        [Question::TraceItem, 'after_loading'],
        [Question::TraceItem, 'before_and_after'],
        [Question::CapOrder, 'either'],
        [Question::CapOrder, 'both'],
        [Question::AppliqueBacking, 'cutaway'],
        [Question::ThreadTails, 'flame'],
        [Question::Pricing, 'bands'],
        [Question::Pricing, 'margin'],
        [Question::Check, 'sewer'],
        [Question::Check, 'first'],
        [Question::Check, 'one_in'],
        [Question::Check, 'always'],
        [Question::TubePasses, 'hooping_by_hooping'],
        [Question::TubePasses, 'piece_by_piece'],
        [Question::FirstOff, 'go_on'],
        [Question::FirstOff, 'looked_at'],
        [Question::FirstOff, 'with_picture'],
        [Question::ProposedPlan, 'kept'],
        [Question::ProposedPlan, 'paper'],
        [Question::ShortBlanks, 'hold'],
        [Question::ShortBlanks, 'split'],
        [Question::MissingMaterial, 'warn'],
        [Question::MissingMaterial, 'hold'],
        [Question::Approval, 'when_asked'],
        [Question::Approval, 'before_sewing'],
        [Question::Letters, 'opened'],
        [Question::Letters, 'by_themselves'],
        [Question::Units, 'mm'],
        [Question::Units, 'inch'],
        [Question::TopperResidue, 'steam'],
    ];

    /**
     * @return list<Text> in the order of the work; never empty, since a school that changes nothing is none
     */
    public static function changes(Question $question, School $school): array
    {
        $texts = [];
        foreach (RuleTable::all() as $rules) {
            foreach ($rules as $rule) {
                if ($rule->question === $question && $rule->school === $school->value) {
                    $texts[] = new Text('questions.changes.rule', [
                        'about' => $rule->about->label(),
                        'when' => $rule->when(),
                        'text' => $rule->text(),
                    ]);
                }
            }
        }
        foreach (StepTable::all() as $note) {
            if ($note->question === $question && $note->school === $school->value) {
                $texts[] = new Text('questions.changes.step', [
                    'stage' => $note->stage->label(),
                    'text' => $note->text(),
                ]);
            }
        }

        return in_array([$question, $school->value], self::ELSEWHERE, true)
            ? [...$texts, new Text("questions.elsewhere.{$question->value}_{$school->value}")]
            : $texts;
    }
}
