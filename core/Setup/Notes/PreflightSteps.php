<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\Question;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;

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
                'the house traces with the needle',
                $always,
                static fn(SetupDecision $d): string => sprintf(
                    'Bring needle 1 over the mark. Trace with the needle lowered by hand; raise it near %s.',
                    $d->isInCapFrame() ? 'metal or the bill' : 'the frame',
                ),
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'needle'],
                usually: 'Bring needle 1 over the mark. Trace with the needle lowered by hand; raise it near metal or the '.
                    'bill.',
            ),
            NoteRule::step(
                self::STAGE,
                'needle_down_under_cap',
                'a cap frame, where the house traces with the light',
                static fn(SetupDecision $d): bool => $d->isInCapFrame(),
                'The light does not reach under a cap frame. Lower needle 1 by hand over the mark; raise it near metal and '.
                    'the bill.',
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'light'],
            ),
            NoteRule::step(
                self::STAGE,
                'light_over_mark',
                'the house traces with the light',
                static fn(SetupDecision $d): bool => ! $d->isInCapFrame(),
                'Bring the light or the foot over the mark. The needle stays up.',
                needs: $mounted,
                makes: [S::Centred],
                school: [Question::TraceNeedle, 'light'],
            ),
            NoteRule::step(
                self::STAGE,
                'remove_sticker',
                'a sticker was put on',
                static fn(SetupDecision $d): bool => $d->hasSticker(),
                static fn(SetupDecision $d): string => $d->follows(Question::TraceNeedle, 'needle')
                    ? 'Needle 1 is over the sticker: take the sticker off now.'
                    : 'The light is on the sticker: take the sticker off now.',
                needs: [S::Centred],
                makes: [S::StickerOff],
                usually: 'Needle 1 is over the sticker: take the sticker off now.',
            ),
            NoteRule::step(
                self::STAGE,
                'trace',
                'always',
                $always,
                self::traced(...),
                needs: [S::Centred, S::StickerOff, S::FrameChosen, S::Turned, S::Mounted],
                makes: [S::Traced],
                usually: 'Trace the outline: nothing in the way, equal gaps left and right.',
            ),
            NoteRule::step(
                self::STAGE,
                'contour_trace',
                'a design that hardly fits, or whose box does not though its outline does',
                static fn(SetupDecision $d): bool => $d->fit !== null
                    && min($d->fit->clearMm - self::TIGHT_MM, $d->fit->boxClearMm()) < $d->fit->marginMm,
                'It is tight: trace the contour too, not only the box.',
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
                'film on top that no frame holds, and nothing applied',
                static fn(SetupDecision $d): bool => $d->topper && ! $d->isFilmHeld() && $d->facts->design->applied->stops === 0,
                'Lay the film over the field.',
                needs: [S::Traced, S::StickerOff],
                makes: [S::Film],
            ),
            NoteRule::step(
                self::STAGE,
                'cloth_there_first',
                'a whole cloth that lies there from the first stitch',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->isFirst,
                'Lay the whole cloth smooth over the field and hold its corners. Its line is sewn on it.',
                needs: [S::Traced, S::StickerOff],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'trim_in_frame',
                'applied cloth, trimmed in the frame',
                $applied,
                'Have the whole cloth and curved scissors ready. Lay and trim it at the stops of the stop sheet, the frame '.
                    'brought out, not unmounted.',
                before: [S::Sewn],
                school: [Question::Applique, 'trim_in_frame'],
            ),
            NoteRule::step(
                self::STAGE,
                'pre_cut_shape',
                'applied cloth, cut beforehand',
                $applied,
                'Have the pre-cut shapes ready in the order of the stop sheet. Lay each on its placement line at its stop.',
                before: [S::Sewn],
                school: [Question::Applique, 'pre_cut'],
            ),
            NoteRule::step(
                self::STAGE,
                'bobbin_lasts',
                'whatever does not cover the arm',
                static fn(SetupDecision $d): bool => ! $d->coversArm(),
                'Check that the bobbin lasts for this load.',
                needs: [S::Mounted],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'sewing_mode_first_stitch',
                'always',
                static fn(SetupDecision $d): bool => true,
                'Check: at stitch 1, and set to sew, not to travel.',
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
                'applied cloth on something with a back or a pocket',
                static fn(SetupDecision $d): bool => $d->turnsFrameOver(),
                'Where the stop sheet says so, take the frame off and turn it over. Tape backing or pocket to its lines. '.
                    'Put the frame back without a bump.',
                needs: [S::ModeSet],
                before: [S::Sewn],
            ),
            NoteRule::step(
                WorkStage::Sew,
                'film_after_trim',
                'film on top of applied cloth',
                static fn(SetupDecision $d): bool => $d->topper && $d->facts->design->applied->stops > 0,
                'Lay the film at the stop after the last trimming, never before.',
                needs: [S::ModeSet],
                before: [S::Sewn],
            ),
            NoteRule::step(
                WorkStage::Sew,
                'sew',
                'always',
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): string => $d->facts->design->applied->stops > 0
                    ? 'Sew, and do what the stop sheet says at each stop.'
                    : 'Sew, and watch it.',
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
                usually: 'Sew, and do what the stop sheet says at each stop.',
            ),
        ];
    }

    /** Equal gaps are asked for only where the design lies in the middle of its window. */
    private static function traced(SetupDecision $decided): string
    {
        [$slack, $units] = [$decided->fit?->slack, $decided->units()];
        $off =
            $slack !== null
            && max(abs($slack->leftMm - $slack->rightMm), abs($slack->topMm - $slack->bottomMm)) > 2 * self::MIDDLE_MM;

        return $off
            ? sprintf(
                'Trace the outline: nothing in the way. The design is not in the middle of the window: %s free at the '.
                    'left, %s at the right, %s at the top and %s at the bottom.',
                $units->said($slack->leftMm),
                $units->figure($slack->rightMm),
                $units->figure($slack->topMm),
                $units->figure($slack->bottomMm),
            )
            : 'Trace the outline: nothing in the way, equal gaps left and right.';
    }
}
