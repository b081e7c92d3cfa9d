<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Position as P;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Rules\SetupDecision;

/** What is minded while the garment goes into its frame. */
final class HoopSteps
{
    /** @return list<NoteRule> */
    public static function all(): array
    {
        $cap = static fn(SetupDecision $d): bool => $d->isInCapFrame();
        $front = static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position === P::CapFront;

        return [
            new NoteRule(
                'load_end_first',
                'always',
                static fn(SetupDecision $d): bool => true,
                'The end that goes to the machine lies at the frame’s bracket.',
                WorkStage::Hoop,
                says: static fn(SetupDecision $d): string => $d->loading()->words().' '.$d->loading()->bracketWords(),
            ),
            new NoteRule(
                'backing_clipped',
                'a cap, and the house clips the backing',
                $cap,
                'Backing under the locating tab and clipped to the posts, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'clipped',
            ),
            new NoteRule(
                'backing_taped',
                'a cap, and the house tapes the backing',
                $cap,
                'Backing under the locating tab and taped, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'taped',
            ),
            new NoteRule(
                'backing_tucked',
                'a cap, and the house only tucks the backing in',
                $cap,
                'Backing tucked under the locating tab, reaching under the teeth of the strap.',
                WorkStage::Hoop,
                Question::CapBackingHold,
                'tucked',
            ),
            new NoteRule(
                'seam_left_of_mark',
                'a cap, and the house sets its seam a little left',
                $front,
                'Set the front seam a few millimetres left of the mark: closing the strap pulls it right.',
                WorkStage::Hoop,
                Question::CapSeam,
                'offset_left',
            ),
            new NoteRule(
                'seam_on_mark',
                'a cap, and the house sets its seam on the line',
                $front,
                'Set the front seam dead on the mark, the bill against its stop.',
                WorkStage::Hoop,
                Question::CapSeam,
                'on_line',
            ),
            new NoteRule(
                'strap_teeth_in_seam',
                'a cap',
                $cap,
                'The teeth of the strap follow the seam between bill and crown, all the way across.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'clips_both_sides',
                'a cap',
                $cap,
                'Clips on both side posts, the sides smooth.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'check_backing_inside',
                'a cap',
                $cap,
                'Look inside: backing caught all round, no deep wrinkle, no sweatband in the field.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'no_stretch',
                'knits',
                static fn(SetupDecision $d): bool => $d->facts->item->cloth->fabric->isKnit() && ! $d->facts->item->isOnCap(),
                'Hoop it without stretching: what is stretched in the frame puckers out of it.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'seams_parallel',
                'a jacket, padded or not',
                static fn(SetupDecision $d): bool => in_array($d->facts->item->garment, [G::Jacket, G::PaddedJacket], true),
                'Drum-tight, seam lines parallel to the frame, the same gap to the seams on both sides.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'round_from_front_seam',
                'the side of a cap on the cap driver',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position === P::CapSide,
                'Measure round from the front seam to the middle of the design, along the sweatband, and mark it.',
                WorkStage::Hoop,
                says: self::roundFromSeam(...),
            ),
            new NoteRule(
                'tape_backing_under',
                'applied cloth on something with another side',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    && ! in_array($d->facts->item->garment, [G::Patch, G::Blanket, G::Towel, G::Other], true),
                'Tape backing and pockets under the frame, out of the way of the stops.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'hoop_along_tube',
                'a design on a narrow tube longer than one hooping reaches',
                static fn(SetupDecision $d): bool => $d->hoopings() > 1,
                'It takes several hoopings, moving along the tube: at each the cross of the template on its mark, a '.
                    'piece of backing of its own, and a trace before it is sewn.',
                WorkStage::Hoop,
                says: self::alongTube(...),
            ),
            new NoteRule(
                'turn_frame_over',
                'applied cloth on something with a back or a pocket',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    && in_array($d->facts->item->garment, [G::Bag, G::Stocking, G::Pocket], true),
                'Where the stop sheet asks for it the frame comes off and is turned over, backing or pocket is taped to '.
                    'its lines, and it goes back on without a bump.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'tuck_loose_part',
                'a knit hat',
                static fn(SetupDecision $d): bool => $d->facts->item->garment === G::KnitHat,
                'Tuck the loose part away, so that it is not caught.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'backing_four_sides',
                'anything in a flat frame',
                static fn(SetupDecision $d): bool => $d->driver() === Driver::Flat,
                'The backing is held on all four sides.',
                WorkStage::Hoop,
            ),
            new NoteRule(
                'feel_under_frame',
                'anything with another side',
                static fn(SetupDecision $d): bool => ! $d->facts->item->isOnCap()
                    && ! in_array($d->facts->item->garment, [G::Patch, G::Blanket, G::Towel, G::Other], true),
                'Feel under the frame: only one layer of the garment is in it.',
                WorkStage::Hoop,
            ),
        ];
    }

    private static function roundFromSeam(SetupDecision $d): string
    {
        $face = CapFace::forFacts($d->facts, $d->house);
        $centre = $face->centreMm(P::CapSide, $d->facts->design->widthMm);

        return sprintf(
            'Measure %s round from the front seam to the middle of the design, along the sweatband, and mark it: '.
                'that is %.0f° from the front.',
            $d->units()->length($centre),
            $face->angleDeg($centre),
        );
    }

    private static function alongTube(SetupDecision $d): string
    {
        return sprintf(
            'It takes %d hoopings, moving along the tube%s: at each the cross of the template on its mark%s, a piece of '.
                'backing of its own, and a trace before it is sewn.',
            $d->hoopings(),
            $d->follows(Question::TubePasses, 'piece_by_piece')
                ? ', each piece through all of them'
                : ', all pieces through one before the next',
            $d->marks() === [] ? '' : sprintf(' (%s)', implode('; ', $d->marks())),
        );
    }
}
