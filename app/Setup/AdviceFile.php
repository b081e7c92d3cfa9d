<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Words\Words;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Notes\Ask;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Proof\Cure;
use Hakama\Setup\Proof\Explanation;
use Hakama\Setup\Proof\FactChange;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\Reason;
use Hakama\Words\Text;

/** A piece of advice as it is written in a file: what is decided, why, what would turn it, and what would cure a stop. */
final class AdviceFile
{
    /** @return array<string, mixed> */
    public static function of(SetupCase $case): array
    {
        $explained = new Explanation($case);
        $advice = $explained->advice;
        $fit = $advice->fit;
        $cures = $explained->cures();
        $note = static fn(Note|Warning $note): array => ['code' => $note->code, 'text' => Words::say($note->text)];
        $warnings = array_map($note, $advice->warnings);

        return [
            'loading' => [
                'towards_machine' => $advice->loading()->end->value,
                'bracket' => Words::say($advice->loading()->bracketWords()),
                'text' => Words::say($advice->loading()->words()),
            ],
            'access' => $advice->access()->value,
            'hoopings' => $advice->hoopings(),
            'verdict' => $advice->verdict(),
            'frame' => $fit === null ? null : self::frame($fit),
            'driver' => ($fit->frame->driver ?? ($advice->drivers[0] ?? null))?->value,
            'turn_deg' => $advice->turnToSet()->value,
            'backing' => [self::backing($advice, $case)],
            'topper' => $advice->topper,
            'needle' => ['size' => $advice->needle->size, 'point' => $advice->needle->point],
            'thread_weight' => $advice->threadWeight,
            'speed_spm' => $advice->speedSpm,
            'place' => [
                'from' => Words::say($advice->placement->from()),
                'down_mm' => $advice->placement->downMm,
                'across_mm' => $advice->placement->acrossMm,
            ],
            'steps' => array_map($note, $advice->steps),
            'warnings' => $advice->stops() && $cures === []
                ? [...$warnings, ['code' => 'nothing_helps', 'text' => Words::say(new Text('setup.cure.nothing_helps'))]]
                : $warnings,
            'cautions' => array_map($note, $advice->cautions),
            'because' => array_map(
                static fn(Reason $because): array => self::reason($because, $explained),
                $advice->becauses(),
            ),
            'other_schools' => array_map(
                static fn(OtherSchool $other): array => [
                    'about' => $other->about,
                    'rule' => $other->rule,
                    'text' => Words::say($other->text),
                ],
                $advice->otherSchools(),
            ),
            'asks' => array_map(
                static fn(Ask $ask): array => [
                    'fact' => $ask->fact,
                    'why' => Words::say($ask->why),
                    'decides' => $ask->decided(),
                ],
                $advice->asks,
            ),
            'estimated' => $advice->estimated(),
            ...$advice->stops() ? ['cures' => array_map(self::cure(...), $cures)] : [],
        ];
    }

    /** @return array<string, mixed> */
    private static function frame(Fit $fit): array
    {
        return [
            'id' => $fit->frame->id,
            'kind' => $fit->frame->kind->value,
            'slack_mm' => array_map(static fn(float $mm): float => round($mm, 1), [
                'left' => $fit->slack->leftMm,
                'right' => $fit->slack->rightMm,
                'top' => $fit->slack->topMm,
                'bottom' => $fit->slack->bottomMm,
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function backing(Advice $advice, SetupCase $case): array
    {
        $piece = $advice->fit === null ? null : BackingPiece::of($advice->fit->frame, $case->house);

        return [
            'kind' => $advice->backing->backing->value,
            'layers' => $advice->backing->count,
            'adhesive' => $advice->backing->adhesive,
            'size_mm' => $piece === null ? null : [$piece->widthMm, $piece->heightMm],
        ];
    }

    /** @return array<string, mixed> */
    private static function reason(Reason $because, Explanation $explained): array
    {
        $turning = $explained->turning($because);

        return [
            'about' => $because->about->value,
            'rule' => $because->rule,
            'text' => Words::say($because->text),
            'facts' => array_map(static fn(Fact $fact): string => $fact->value, $turning->facts($because)),
            ...$turning->changes === []
                ? ['always' => true]
                : ['unless' => ['facts' => self::merged($turning->changes), 'then' => Words::say($turning->then)]],
        ];
    }

    /** @return array<string, mixed> */
    private static function cure(Cure $cure): array
    {
        return [
            'code' => $cure->kind->value,
            'text' => Words::say($cure->text),
            'facts' => self::merged($cure->changes),
            'minutes' => $cure->minutes(),
        ];
    }

    /**
     * @param list<FactChange> $changes
     *
     * @return array<string, mixed>
     */
    private static function merged(array $changes): array
    {
        return array_replace_recursive([], ...array_map(
            static fn(FactChange $one): array => $one->written(),
            $changes,
        ));
    }
}
