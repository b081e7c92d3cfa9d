<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\House\School;
use Hakama\Setup\Rules\RuleTable;

/** What following one school changes: the rules and steps that hold only then. */
final class SchoolTable
{
    /**
     * @return list<string> in words, in the order of the work; never empty, since a school that changes nothing is
     *     none
     */
    public static function changes(Question $question, School $school): array
    {
        $texts = [];
        foreach (RuleTable::all() as $about => $rules) {
            foreach ($rules as $rule) {
                if ($rule->question === $question && $rule->school === $school->value) {
                    $texts[] = ucfirst(str_replace('_', ' ', $about)).", {$rule->when}: {$rule->text}";
                }
            }
        }
        foreach (StepTable::all() as $note) {
            if ($note->question === $question && $note->school === $school->value) {
                $texts[] = "{$note->stage->label()}: {$note->text}";
            }
        }

        return [...$texts, ...self::elsewhere($question, $school->value)];
    }

    /**
     * Schools whose rule is a figure, or the absence of a step.
     *
     * @return list<string>
     */
    private static function elsewhere(Question $question, string $school): array
    {
        return match ([$question, $school]) {
            [Question::BillGap, 'house_gap'] => [
                'Fit and place: a cap is sewn no nearer to its bill than the house’s gap (cap_gap_mm).',
            ],
            [Question::BillGap, 'frame_limit'] => ['Fit: the gap to the bill is not kept, only the frame’s own limit.'],
            [Question::TraceItem, 'after_loading'] => [
                'Preflight: one trace, when the item is in; clamps, gloves and pockets are traced empty first '.
                    'whatever the school.',
            ],
            [Question::TraceItem, 'before_and_after'] => [
                'Preflight: trace once empty, before the item is in, and again after.',
            ],
            [Question::CapOrder, 'either'] => [
                'Warnings: a design for a cap is minded only where it is sewn neither centre-out nor bottom-up.',
            ],
            [Question::CapOrder, 'both'] => [
                'Warnings: a design for a cap is minded where it is not sewn centre-out, or not bottom-up.',
            ],
            [Question::AppliqueBacking, 'cutaway'] => [
                'Backing: under cloth applied to a sweatshirt as under any other design on it.',
            ],
            [Question::ThreadTails, 'flame'] => ['Caution: synthetic thread melts and burns.'],
            [Question::Pricing, 'bands'] => [
                'Quotes: a price a piece by the stitches and the quantity, from the price list.',
            ],
            [Question::Pricing, 'margin'] => ['Quotes: what it costs, and the margin that is wanted on top.'],
            [Question::Check, 'sewer'] => ['Floor: a piece that is finished may be handed over.'],
            [Question::Check, 'first'] => ['Floor: the first piece of a batch is looked at by another person.'],
            [Question::Check, 'one_in'] => [
                'Floor: one piece in so many is looked at by another person (check_one_in).',
            ],
            [Question::Check, 'always'] => [
                'Floor: each piece is looked at by another person, and none is handed over before it has passed.',
            ],
            [Question::TubePasses, 'hooping_by_hooping'] => [
                'Floor: along a tube all pieces go through one hooping before the next.',
            ],
            [Question::TubePasses, 'piece_by_piece'] => [
                'Floor: along a tube each piece goes through all its hoopings before the next piece.',
            ],
            [Question::FirstOff, 'go_on'] => ['Floor: the next load may start as soon as the first is off.'],
            [Question::FirstOff, 'looked_at'] => [
                'Floor: the first piece is sewn alone, and the next load waits until another person has looked at it.',
            ],
            [Question::FirstOff, 'with_picture'] => [
                'Floor: the first piece is sewn alone, and the next load waits until another person has looked at it '.
                'and kept a picture of it.',
            ],
            [Question::Units, 'mm'] => [
                'Places, drawings and designs: in millimetres, where a tape is laid on in inches beside.',
            ],
            [Question::Units, 'inch'] => [
                'Places, drawings and designs: in inches, where a tape is laid on in millimetres beside. Frames as '.
                'they are printed, and what is set on a machine, stay in millimetres.',
            ],
            [Question::TopperResidue, 'steam'] => ['Caution: irons and steam burn.'],
            default => [],
        };
    }
}
