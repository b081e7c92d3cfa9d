<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Measure;
use Hakama\Garment\Position as P;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Notes\WorkState as S;
use Hakama\Setup\Rules\SetupDecision;

/** How the item goes into its frame: drawn round a ring, between two rings, stuck on backing, or under a clamp. */
final class HoopSteps
{
    private const STAGE = WorkStage::Hoop;
    private const LATCH = 'Close the strap: hook it in first, then the latch.';

    /** @return list<NoteRule> */
    public static function all(): array
    {
        return [...self::cap(), ...self::stuck(), ...self::clamped(), ...self::hooped(), ...self::looks()];
    }

    /** @return list<NoteRule> */
    private static function cap(): array
    {
        $cap = static fn(SetupDecision $d): bool => $d->isInCapFrame();
        $front = static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position === P::CapFront;
        $backing = static fn(string $code, string $when, string $text, string $school): NoteRule => NoteRule::step(
            self::STAGE,
            $code,
            $when,
            $cap,
            $text,
            needs: [S::BackingCut, S::Opened],
            makes: [S::BackingInItem],
            before: [S::Closed],
            school: [Question::CapBackingHold, $school],
        );

        return [
            $backing(
                'backing_clipped',
                'a cap, and the house clips the backing',
                'Slide the backing under the locating tab and clip it to the posts. It reaches under the teeth of the strap.',
                'clipped',
            ),
            $backing(
                'backing_taped',
                'a cap, and the house tapes the backing',
                'Slide the backing under the locating tab and tape it. It reaches under the teeth of the strap.',
                'taped',
            ),
            $backing(
                'backing_tucked',
                'a cap, and the house only tucks the backing in',
                'Tuck the backing under the locating tab. It reaches under the teeth of the strap.',
                'tucked',
            ),
            NoteRule::step(
                self::STAGE,
                'bill_stop',
                'a cap',
                $cap,
                'Sweatband under the tab. Push the cap on until the bill meets its stop, the bill seam in the trough.',
                needs: [S::BackingInItem, S::Opened],
                makes: [S::OnRing],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'seam_left_of_mark',
                'a cap, and the house sets its seam a little left',
                $front,
                static fn(SetupDecision $d): string => sprintf(
                    'Set the front seam %s left of the mark. Closing the strap pulls it right.',
                    $d->facts->item->measures->mm(Measure::StrapPull) === null
                        ? 'a few millimetres'
                        : $d->units()->said($d->facts->item->measures->mm(Measure::StrapPull), 1),
                ),
                needs: [S::OnRing],
                before: [S::Closed],
                school: [Question::CapSeam, 'offset_left'],
                usually: 'Set the front seam a few millimetres left of the mark. Closing the strap pulls it right.',
            ),
            NoteRule::step(
                self::STAGE,
                'seam_on_mark',
                'a cap, and the house sets its seam on the line',
                $front,
                'Set the front seam dead on the mark.',
                needs: [S::OnRing],
                before: [S::Closed],
                school: [Question::CapSeam, 'on_line'],
            ),
            NoteRule::step(
                self::STAGE,
                'round_from_front_seam',
                'the side of a cap on the cap driver',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position === P::CapSide,
                self::roundFromSeam(...),
                needs: [S::OnRing],
                before: [S::Closed],
                usually: 'Measure round from the front seam to the middle of the design, along the sweatband, and mark it.',
            ),
            NoteRule::step(
                self::STAGE,
                'strap_teeth_in_seam',
                'a cap',
                $cap,
                'Lay the teeth of the strap in the seam between bill and crown, all the way across.',
                needs: [S::OnRing],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'clips_both_sides',
                'a cap',
                $cap,
                'Smooth the sides and clip them to both side posts.',
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'check_backing_inside',
                'a cap',
                $cap,
                static fn(SetupDecision $d): string => 'Look inside: backing caught all round, no deep wrinkle, no '.
                    'sweatband in the field.'.
                    ($d->facts->item->position === P::CapFront ? ' Look at the seam again: it is on the mark.' : ''),
                needs: [S::Closed],
                before: [S::Mounted],
                usually: 'Look inside: backing caught all round, no deep wrinkle, no sweatband in the field.',
            ),
            NoteRule::step(
                self::STAGE,
                'clips_out',
                'a cap whose backing was clipped',
                $cap,
                'Take out the clips that held the backing.',
                needs: [S::Closed],
                makes: [S::ClipsOut],
                before: [S::Mounted],
                school: [Question::CapBackingHold, 'clipped'],
            ),
        ];
    }

    /** @return list<NoteRule> what would be marked or torn by a frame: the backing is hooped alone */
    private static function stuck(): array
    {
        $stuck = static fn(SetupDecision $d): bool => $d->isStuckOn();

        return [
            NoteRule::step(
                self::STAGE,
                'hoop_backing',
                'felt, vinyl or leather',
                $stuck,
                'Hoop the backing alone, drum-tight.',
                needs: [S::BackingCut],
                makes: [S::BackingInFrame],
            ),
            NoteRule::step(
                self::STAGE,
                'lay_on_backing',
                'felt, vinyl or leather',
                $stuck,
                'Spray the hooped backing lightly in the spray box. Lay the piece on its mark and smooth it flat.',
                needs: [S::BackingInFrame, S::Marked, S::Cleared, S::InsideOut],
                makes: [S::Closed],
            ),
        ];
    }

    /** @return list<NoteRule> gloves, pockets, and whatever a clamp holds: the frame stays on the machine */
    private static function clamped(): array
    {
        $clamped = static fn(SetupDecision $d): bool => $d->closesOnMachine();

        return [
            NoteRule::step(
                self::STAGE,
                'film_in_frame',
                'film that the frame holds: clamps, gloves, pockets, knit hats',
                static fn(SetupDecision $d): bool => $d->isFilmHeld(),
                static fn(SetupDecision $d): string => $d->closesOnMachine()
                    ? 'Lay a piece of film over the field: the clamp holds it with the item.'
                    : 'Lay a piece of film over the field: the frame holds it with the hat.',
                needs: [S::OverArm, S::BackingInItem],
                makes: [S::FilmHeld],
                before: [S::Closed],
                usually: 'Lay a piece of film over the field: the frame holds it with the item.',
            ),
            NoteRule::step(
                self::STAGE,
                'backing_under_clamp',
                'what a clamp holds',
                $clamped,
                'Slide the backing into the item, under the place.',
                needs: [S::BackingCut, S::InsideOut, S::Stuck],
                makes: [S::BackingInItem],
                before: [S::Closed],
            ),
        ];
    }

    /** @return list<NoteRule> */
    private static function hooped(): array
    {
        return [
            NoteRule::step(
                self::STAGE,
                'load_end_first',
                'always',
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): string => $d->closesOnMachine()
                    ? "{$d->loading()->words()} Slip it over the arm."
                    : "{$d->loading()->words()} {$d->loading()->bracketWords()}".
                        ($d->facts->item->garment === G::KnitHat && $d->fit?->frame->window->round === true
                            ? ' Do not push the hat all the way on.'
                            : ''),
                needs: [S::PlaceKept, S::BobbinSeen, S::InsideOut, S::Marked, S::Sticker],
                makes: [S::OverArm],
                before: [S::Closed],
                usually: 'The end that goes to the machine is at the frame’s bracket.',
            ),
            NoteRule::step(
                self::STAGE,
                'no_stretch',
                'knits',
                static fn(SetupDecision $d): bool => $d->facts->item->cloth->fabric->isKnit() && $d->isHooped(),
                'Do not stretch it. What you stretch in the frame puckers out of it.',
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'seams_parallel',
                'a jacket, padded or not',
                static fn(SetupDecision $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Jacket, G::PaddedJacket],
                    true,
                ) && $d->isHooped(),
                static fn(SetupDecision $d): string => $d->facts->item->cloth->fabric->isKnit()
                    ? 'Seam lines parallel to the frame, the same gap to the seams on both sides.'
                    : 'Drum-tight, seam lines parallel to the frame, the same gap to the seams on both sides.',
                before: [S::Closed],
                usually: 'Seam lines parallel to the frame, the same gap to the seams on both sides.',
            ),
            NoteRule::step(
                self::STAGE,
                'hoop_along_tube',
                'a design on a narrow tube longer than one hooping reaches',
                static fn(SetupDecision $d): bool => $d->hoopings() > 1,
                self::alongTube(...),
                needs: [S::Marked],
                before: [S::Closed],
                usually: 'It takes several hoopings along the tube: at each the cross of the template on its mark, a piece of '.
                    'backing of its own, and a trace before it is sewn.',
            ),
            NoteRule::step(
                self::STAGE,
                'hoop',
                'whatever is closed in its frame beside the machine',
                static fn(SetupDecision $d): bool => $d->isHooped() || $d->isInCapFrame(),
                static fn(SetupDecision $d): string => $d->isInCapFrame() ? self::LATCH : sprintf(
                    'Lay backing and %s in the frame, the mark in its middle, and close it%s.%s',
                    $d->facts->item->garment === G::Other ? 'piece' : $d->facts->item->garment->label(),
                    $d->facts->item->cloth->fabric->isKnit() ? ': flat, not stretched' : ': drum-tight',
                    $d->best !== null && $d->best->hold?->isMoved() === true
                        ? ' The mark is off the middle here, so that the frame lies whole on the cloth.'
                        : '',
                ),
                needs: [
                    S::BackingCut,
                    S::BackingInItem,
                    S::Stuck,
                    S::Marked,
                    S::Sticker,
                    S::InsideOut,
                    S::Opened,
                    S::Cleared,
                    S::FilmHeld,
                    S::OverArm,
                    S::TracedEmpty,
                    S::OnRing,
                ],
                makes: [S::Closed],
                usually: 'Lay backing and garment in the frame, the mark in its middle, and close it: drum-tight, a knit flat.',
            ),
        ];
    }

    /** @return list<NoteRule> what is looked at once it is closed, and the bobbin before it is covered */
    private static function looks(): array
    {
        return [
            NoteRule::step(
                self::STAGE,
                'backing_four_sides',
                'anything in a flat frame',
                static fn(SetupDecision $d): bool => $d->driver() === Driver::Flat && ! $d->closesOnMachine(),
                'Check that the frame holds the backing on all four sides.',
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'feel_under_frame',
                'anything with another side',
                static fn(SetupDecision $d): bool => $d->hasOtherSide() && ! $d->closesOnMachine(),
                'Feel under the frame: only one layer should be caught.',
                needs: [S::Closed],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'tape_backing_under',
                'applied cloth on something with another side',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    && $d->hasOtherSide()
                    && ! $d->closesOnMachine(),
                'Tape loose parts and pockets aside under the frame, clear of the stops.',
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'bobbin_before_mount',
                'a cap, a tube or a bag, which covers the arm',
                static fn(SetupDecision $d): bool => $d->coversArm(),
                static fn(SetupDecision $d): string => $d->closesOnMachine()
                    ? 'Check the bobbin before the item goes over the arm.'
                    : 'Check the bobbin before you mount it. Taking it off again loses the place.',
                makes: [S::BobbinSeen],
                before: [S::Mounted],
                usually: 'Check the bobbin before you mount it. Taking it off again loses the place.',
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
            'It takes %d hoopings along the tube%s: at each the cross of the template on its mark%s, a piece of '.
                'backing of its own, and a trace before it is sewn.',
            $d->hoopings(),
            $d->follows(Question::TubePasses, 'piece_by_piece')
                ? ', each piece through all of them'
                : ', all pieces through one before the next',
            $d->marks() === [] ? '' : sprintf(' (%s)', implode('; ', $d->marks())),
        );
    }
}
