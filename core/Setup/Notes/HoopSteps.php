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
use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** How the item goes into its frame: drawn round a ring, between two rings, stuck on backing, or under a clamp. */
final class HoopSteps
{
    private const STAGE = WorkStage::Hoop;

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
        $backing = static fn(string $code, string $school): NoteRule => NoteRule::step(
            self::STAGE,
            $code,
            $cap,
            needs: [S::BackingCut, S::Opened],
            makes: [S::BackingInItem],
            before: [S::Closed],
            school: [Question::CapBackingHold, $school],
        );

        return [
            $backing(
                'backing_clipped',
                'clipped',
            ),
            $backing(
                'backing_taped',
                'taped',
            ),
            $backing(
                'backing_tucked',
                'tucked',
            ),
            NoteRule::step(
                self::STAGE,
                'bill_stop',
                $cap,
                needs: [S::BackingInItem, S::Opened],
                makes: [S::OnRing],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'seam_left_of_mark',
                $front,
                static fn(SetupDecision $d): Text => self::leftOfMark($d),
                needs: [S::OnRing],
                before: [S::Closed],
                school: [Question::CapSeam, 'offset_left'],
            ),
            NoteRule::step(
                self::STAGE,
                'seam_on_mark',
                $front,
                needs: [S::OnRing],
                before: [S::Closed],
                school: [Question::CapSeam, 'on_line'],
            ),
            NoteRule::step(
                self::STAGE,
                'round_from_front_seam',
                static fn(SetupDecision $d): bool => $d->isInCapFrame() && $d->facts->item->position === P::CapSide,
                self::roundFromSeam(...),
                needs: [S::OnRing],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'strap_teeth_in_seam',
                $cap,
                needs: [S::OnRing],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'clips_both_sides',
                $cap,
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'check_backing_inside',
                $cap,
                static fn(SetupDecision $d): Text => new Text('steps.does.check_backing_inside', [
                    'place' => $d->facts->item->position->value,
                ]),
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'clips_out',
                $cap,
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
                $stuck,
                needs: [S::BackingCut],
                makes: [S::BackingInFrame],
            ),
            NoteRule::step(
                self::STAGE,
                'lay_on_backing',
                $stuck,
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
                static fn(SetupDecision $d): bool => $d->isFilmHeld(),
                static fn(SetupDecision $d): Text => $d->closesOnMachine()
                    ? new Text('steps.does.film_in_clamp')
                    : new Text('steps.does.film_in_frame'),
                needs: [S::OverArm, S::BackingInItem],
                makes: [S::FilmHeld],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'backing_under_clamp',
                $clamped,
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
                static fn(SetupDecision $d): bool => true,
                static fn(SetupDecision $d): Text => $d->closesOnMachine()
                    ? new Text('steps.does.load_end_over_arm', ['loading' => $d->loading()->words()])
                    : new Text('steps.does.load_end_first', [
                        'loading' => $d->loading()->words(),
                        'end' => $d->loading()->endWords(),
                        'hat' => $d->facts->item->garment === G::KnitHat
                            && $d->fit?->frame->window->round === true ? 'yes' : 'no',
                    ]),
                needs: [S::PlaceKept, S::BobbinSeen, S::InsideOut, S::Marked, S::Sticker],
                makes: [S::OverArm],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'no_stretch',
                static fn(SetupDecision $d): bool => $d->facts->item->cloth->fabric->isKnit() && $d->isHooped(),
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'seams_parallel',
                static fn(SetupDecision $d): bool => in_array(
                    $d->facts->item->garment,
                    [G::Jacket, G::PaddedJacket],
                    true,
                ) && $d->isHooped(),
                static fn(SetupDecision $d): Text => $d->facts->item->cloth->fabric->isKnit()
                    ? new Text('steps.does.seams_parallel_knit')
                    : new Text('steps.does.seams_parallel'),
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'hoop_along_tube',
                static fn(SetupDecision $d): bool => $d->hoopings() > 1,
                self::alongTube(...),
                needs: [S::Marked],
                before: [S::Closed],
            ),
            NoteRule::step(
                self::STAGE,
                'hoop',
                static fn(SetupDecision $d): bool => $d->isHooped() || $d->isInCapFrame(),
                static fn(SetupDecision $d): Text => $d->isInCapFrame()
                    ? new Text('steps.does.hoop_cap')
                    : new Text('steps.does.hoop', [
                        'garment' => $d->facts->item->garment === G::Other
                            ? new Text('garment.panel.flat')
                            : $d->facts->item->garment->label(),
                        'knit' => $d->facts->item->cloth->fabric->isKnit() ? 'yes' : 'no',
                        'moved' => $d->best?->hold?->isMoved() === true ? 'yes' : 'no',
                    ]),
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
                static fn(SetupDecision $d): bool => $d->driver() === Driver::Flat && ! $d->closesOnMachine(),
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'feel_under_frame',
                static fn(SetupDecision $d): bool => $d->hasOtherSide() && ! $d->closesOnMachine(),
                needs: [S::Closed],
                before: [S::Sewn],
            ),
            NoteRule::step(
                self::STAGE,
                'tape_backing_under',
                static fn(SetupDecision $d): bool => $d->facts->design->applied->stops > 0
                    && $d->hasOtherSide()
                    && ! $d->closesOnMachine(),
                needs: [S::Closed],
                before: [S::Mounted],
            ),
            NoteRule::step(
                self::STAGE,
                'bobbin_before_mount',
                static fn(SetupDecision $d): bool => $d->coversArm(),
                static fn(SetupDecision $d): Text => $d->closesOnMachine()
                    ? new Text('steps.does.bobbin_before_arm')
                    : new Text('steps.does.bobbin_before_mount'),
                makes: [S::BobbinSeen],
                before: [S::Mounted],
            ),
        ];
    }

    private static function roundFromSeam(SetupDecision $d): Text
    {
        $face = CapFace::forFacts($d->facts, $d->house);
        $centre = $face->centreMm(P::CapSide, $d->facts->design->widthMm);

        return new Text('steps.does.round_from_front_seam', [
            'length' => $d->units()->length($centre),
            'angle' => new Decimal($face->angleDeg($centre), 0),
        ]);
    }

    private static function alongTube(SetupDecision $d): Text
    {
        return new Text('steps.does.hoop_along_tube', [
            'hoopings' => $d->hoopings(),
            'passes' => $d->follows(Question::TubePasses, 'piece_by_piece') ? 'piece_by_piece' : 'hooping_by_hooping',
            'marked' => $d->marks() === [] ? 'no' : 'yes',
            'marks' => new Texts(Joined::Semicolon, ...$d->marks()),
        ]);
    }
    /** How far left of the mark the front seam is set, before the strap pulls it right. */
    private static function leftOfMark(SetupDecision $d): Text
    {
        $pull = $d->facts->item->measures->mm(Measure::StrapPull);

        return $pull === null
            ? new Text('steps.does.seam_a_little_left_of_mark')
            : new Text('steps.does.seam_left_of_mark', ['pull' => $d->units()->said($pull, 1)]);
    }
}
