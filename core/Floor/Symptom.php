<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * What is seen on a piece or at the machine, with what is behind it: in the order in which it is soonest found and
 * cheapest to try. The machine's manual and those who are trained on it decide.
 */
enum Symptom: string
{
    case Flagging = 'flagging';
    case Registration = 'registration';
    case Puckering = 'puckering';
    case Gaps = 'gaps';
    case Loops = 'loops';
    case BobbinOnTop = 'bobbin_on_top';
    case ThreadBreaks = 'thread_breaks';
    case NeedleBreaks = 'needle_breaks';
    case LettersClosed = 'letters_closed';
    case StitchesSink = 'stitches_sink';
    case Missed = 'missed_stitches';
    case HoopMarks = 'hoop_marks';

    public function label(): string
    {
        return match ($this) {
            self::Flagging => 'The cloth lifts with the needle',
            self::Registration => 'Parts of the design do not meet',
            self::Puckering => 'The cloth gathers round the stitches, seen when it is unhooped',
            self::Gaps => 'Gaps between filling and outline',
            self::Loops => 'Loops of top thread on the surface',
            self::BobbinOnTop => 'The bobbin thread shows on top',
            self::ThreadBreaks => 'The thread breaks again and again',
            self::NeedleBreaks => 'The needle breaks',
            self::LettersClosed => 'Small letters have closed up',
            self::StitchesSink => 'Stitches sink into the cloth',
            self::Missed => 'Stitches are missing, often after a break',
            self::HoopMarks => 'The frame has left a mark',
        };
    }

    /** @return list<Remedy> what to look at, soonest first */
    public function remedies(): array
    {
        $found = [];
        foreach ($this->causes() as $cause => $do) {
            $found[] = new Remedy($cause, $do);
        }

        return $found;
    }

    /** What a piece that was spoiled by it is recorded as; null where that is no cause of its own. */
    public function spoils(): ?SpoilCause
    {
        return match ($this) {
            self::Flagging, self::Registration, self::Gaps => SpoilCause::Registration,
            self::Puckering => SpoilCause::Puckering,
            self::NeedleBreaks => SpoilCause::FrameStruck,
            default => null,
        };
    }

    /** @return array<string, string> what to do by what is behind it */
    private function causes(): array
    {
        return match ($this) {
            self::Flagging => [
                'the foot is too high' =>
                    'Its lowest point about a card above the needle plate, on each needle; the power off.',
                'it is not held tight' =>
                    'Hoop it again, drum-tight but not stretched; on a cap the strap in the seam, clips at both posts.',
                'too fast' => 'Slower: 650 on caps, 500 with detail.',
                'too little under it' => 'One more layer, or backing that stays in.',
            ],
            self::Registration => [
                'it slipped in the frame' => 'Backing caught on all four sides, larger than the frame; hoop again.',
                'the cloth lifts with the needle' => 'See there: the foot first.',
                'the frame was held back' =>
                    'A neck too tight for the travel, cloth on the carriage, weight behind: load it waist first, hang it free.',
                'slack pushed into the design' =>
                    'On caps from the middle outwards and from the bill upwards: ask for a cap version.',
                'the frame was moved' => 'After a bobbin or a break return to the last position, never centre anew.',
            ],
            self::Puckering => [
                'it was stretched when it was hooped' =>
                    'Smooth it, do not stretch it; a light spray on the backing holds it.',
                'too little backing' => 'Two layers of cutaway on thin knits, one stuck.',
                'the top tension is too high' => 'Lower it and try on a scrap of the same cloth.',
                'the design is too dense for the cloth' =>
                    'Ask for a lighter one; look at its densest place under Artwork.',
                'too fast' => 'A little slower on soft cloth.',
            ],
            self::Gaps => [
                'the cloth was pulled in' => 'More backing, hooped tighter; ask for more pull allowance.',
                'parts do not meet' => 'See there: what slipped comes first.',
                'the outline is sewn too late' => 'Ask for the outline right after its filling.',
            ],
            self::Loops => [
                'the thread is out of its path' => 'Thread it again from the cone, every guide, the foot up.',
                'the top tension is too low' => 'Higher, tried on a scrap.',
                'lint in the tension' => 'A card between the discs, and the bobbin case cleaned; the power off.',
                'the cone is stuck' => 'Look at the cone: it has to run off freely.',
            ],
            self::BobbinOnTop => [
                'the top tension is too high' => 'Lower it: underneath a third of the column is bobbin thread.',
                'the bobbin runs too freely' => 'Its tension, tried by its drop; thread it again in its case.',
                'lint under the spring' => 'Clean the bobbin case.',
            ],
            self::ThreadBreaks => [
                'the needle' => 'Bent, blunt, the wrong size, its eye not to the front: fit a new one.',
                'the path' => 'Every guide; nothing caught at the cone.',
                'the tension' => 'Top and bobbin, tried on a scrap.',
                'a burr' => 'Hook, plate and foot, a finger run over them with the power off.',
                'the thread is old or wrong' => 'Another cone; fine thread wants the fine needle.',
            ],
            self::NeedleBreaks => [
                'it hit the frame, the bill or a clamp' =>
                    'Pick the frame that is on, trace, look at the true centre. Count the pieces: eye protection.',
                'a seam or too many layers' => 'A thicker needle, slower over the seam, or clear of it.',
                'the needle is loose or bent' => 'Fit a new one, pushed up to its stop.',
                'the cloth lifts with the needle' => 'See there: it pulls the needle aside.',
            ],
            self::LettersClosed => [
                'the letters are too small' => 'Below the house’s limit: fine thread and needle, or larger letters.',
                'they sink in' => 'Film on top.',
                'too dense' => 'Ask for a version made for the small size.',
            ],
            self::StitchesSink => [
                'no film on top' => 'Film on pile, ribs, quilting and open knits.',
                'too little under the stitches' => 'Ask for underlay; letters applied as cloth stand out on padding.',
            ],
            self::Missed => [
                'it went on too late after a break' => 'Step back a few stitches past the break before going on.',
                'the frame moved without sewing' => 'Back to the start of the design; look at the mode.',
                'the needle is bent or too thin for the cloth' => 'Fit another one.',
                'the cloth lifts with the needle' => 'See there.',
            ],
            self::HoopMarks => [
                'held too tight or too long' => 'Steam from a distance; out of the frame as soon as it is sewn.',
                'the cloth keeps marks' =>
                    'Stick it on hooped backing, or pad the frame: velvet, vinyl, leather, padded nylon.',
            ],
        };
    }
}
