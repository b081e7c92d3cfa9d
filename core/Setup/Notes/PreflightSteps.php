<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Text;

/** What is confirmed by hand with the item mounted, before the machine may sew; and the sewing itself. */
final class PreflightSteps
{
    private const STAGE = WorkStage::Preflight;

    /** Nearer than this to the middle of the window, a design counts as lying in it. */
    private const MIDDLE_MM = 1.0;

    /** So little more than the margin is tight. */
    private const TIGHT_MM = 3.0;

    /** @return list<NoteRule> */
    public static function all(): array
    {
        return [...self::traces(), ...self::ready(), ...self::sewing()];
    }

    /** @return list<NoteRule> */
    private static function traces(): array
    {
        $always = static fn(SetupDecision $d): bool => true;
        $mounted = [S::Mounted, S::Loaded, S::Turned, S::FrameChosen];

        return [
            NoteRule::step(
                self::STAGE,
                'needle_one',
                $always,
                static fn(SetupDecision $d): Text => new Text('steps.does.needle_one', [
                    'frame' => $d->isInCapFrame() ? 'cap' : 'other',
                ]),
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'needle'],
            ),
            NoteRule::step(
                self::STAGE,
                'needle_down_under_cap',
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'light'],
            ),
            NoteRule::step(
                self::STAGE,
                'light_over_mark',
                static fn(SetupDecision $d): bool => ! $d->isInCapFrame(),
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'light'],
            ),
            NoteRule::step(
                self::STAGE,
                'remove_sticker',
                static fn(SetupDecision $d): bool => $d->hasSticker(),
                static fn(SetupDecision $d): Text => $d->follows(Question::TraceNeedle, 'needle')
                    ? new Text('steps.does.remove_sticker')
                    : new Text('steps.does.remove_sticker_light'),
                needs: [S::Centred],
                makes: [S::StickerOff],
            ),
            NoteRule::step(
                self::STAGE,
                'trace',
                $always,
                self::traced(...),
                needs: [S::Centred, S::StickerOff, S::FrameChosen, S::Turned, S::Mounted],
                makes: [S::Traced],
            ),
            NoteRule::step(
                self::STAGE,
                'contour_trace',
                static fn(SetupDecision $d): bool => $d->fit !== null
                    && min($d->fit->clearMm - self::TIGHT_MM, $d->fit->boxClearMm()) < $d->fit->marginMm,
                needs: [S::Centred, S::StickerOff, S::FrameChosen, S::Turned, S::Mounted],
                makes: [S::Traced],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function ready(): array
    {
        $applied = static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0;

        return [
            NoteRule::step(
                self::STAGE,
                'lay_film',
                static fn(SetupDecision $d): bool => $d->topper && ! $d->isFilmHeld() && $d->facts->design->applied->stops === 0,
                needs: [S::Traced, S::StickerOff],
                makes: [S::Film],
            ),
            NoteRule::step(
                self::STAGE,
                'cloth_there_first',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->isFirst,
                needs: [S::Traced, S::StickerOff],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'trim_in_frame',
                $applied,
                before: [S::Sewn],
                school: [Question::Applique, 'trim_in_frame'],
            ),
            NoteRule::step(
                self::STAGE,
                'pre_cut_shape',
                $applied,
                before: [S::Sewn],
                school: [Question::Applique, 'pre_cut'],
            ),
            NoteRule::step(
                self::STAGE,
                'bobbin_lasts',
                static fn(SetupDecision $d): bool => ! $d->coversArm(),
                needs: [S::Mounted],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'sewing_mode_first_stitch',
                static fn(SetupDecision $d): bool => true,
                needs: [S::Traced, S::Film, S::StickerOff],
                makes: [S::ModeSet],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function sewing(): array
    {
        return [
            NoteRule::step(
                WorkStage::Sew,
                'turn_frame_over',
                static fn(SetupDecision $d): bool => $d->turnsFrameOver(),
                needs: [S::ModeSet],
                before: [S::Sewn],
            ),
            NoteRule::step(
                WorkStage::Sew,
                'film_after_trim',
                static fn(SetupDecision $d): bool => $d->topper && $d->facts->design->applied->stops > 0,
                needs: [S::ModeSet],
                before: [S::Sewn],
            ),
            NoteRule::step(
                WorkStage::Sew,
                'sew',
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): Text => $d->facts->design->applied->stops > 0
                    ? new Text('steps.does.sew_with_stops')
                    : new Text('steps.does.sew'),
                needs: [
                    S::ModeSet,
                    S::Traced,
                    S::Film,
                    S::FilmHeld,
                    S::BobbinSeen,
                    S::NeedlesSet,
                    S::FeetSet,
                    S::Mounted,
                    S::Loaded,
                ],
                makes: [S::Sewn],
            ),
        ];
    }

    /** Equal gaps are asked for only where the design lies in the middle of its window. */
    private static function traced(SetupDecision $decided): Text
    {
        [$slack, $units] = [$decided->fit?->slack, $decided->units()];
        $off =
            $slack !== null
            && max(abs($slack->leftMm - $slack->rightMm), abs($slack->topMm - $slack->bottomMm)) > 2 * self::MIDDLE_MM;

        return $off
            ? new Text('steps.does.trace_off_middle', [
                'left' => $units->said($slack->leftMm),
                'right' => $units->figure($slack->rightMm),
                'top' => $units->figure($slack->topMm),
                'bottom' => $units->figure($slack->bottomMm),
            ])
            : new Text('steps.does.trace');
    }
}
