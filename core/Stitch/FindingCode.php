<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** Every oddity that reading, measuring or colouring a pattern can report. */
enum FindingCode: string
{
    case HeaderBlank = 'header_blank';
    case HeaderWrong = 'header_wrong';
    case LabelsLowerCase = 'labels_lower_case';
    case NoEndRecord = 'no_end_record';
    case BytesAfterEnd = 'bytes_after_end';
    case StopBeforeEnd = 'stop_before_end';
    case JumpsBeforeFirst = 'jumps_before_first';
    case OddBits = 'odd_bits';
    case EmptyBlock = 'empty_block';
    case ShortStitches = 'short_stitches';
    case LongStitches = 'long_stitches';
    case Dense = 'dense';
    case LongJump = 'long_jump';
    case TravelOverLight = 'travel_over_light';
    case ThreadsAlike = 'threads_alike';
    case CapOrder = 'cap_order';
    case StartOffMiddle = 'start_off_middle';
    case EndAway = 'end_away';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** What it means for the person who sews it. */
    public function meaning(): string
    {
        return match ($this) {
            self::HeaderBlank
                => 'Nothing is known of the file but its stitches; check that it is the version that was ordered.',
            self::HeaderWrong
                => 'The header was left from another version, or the file was changed after it was written.',
            self::LabelsLowerCase => 'Some machines do not show such a header; the stitches are not touched by it.',
            self::NoEndRecord
                => 'The file may have been cut off on its way: the last part of the design may be missing.',
            self::BytesAfterEnd => 'A machine stops at the end record; what follows is never sewn.',
            self::StopBeforeEnd => 'The machine asks for a colour that is never sewn, and waits.',
            self::JumpsBeforeFirst
                => 'The frame moves before the first stitch: needle 1 over the mark is not where sewing begins.',
            self::OddBits
                => 'The file was damaged or written by something careless; look at the drawing stitch by stitch.',
            self::EmptyBlock
                => 'Two stops with nothing between: the colours after it are one further on than the list says.',
            self::ShortStitches
                => 'The needle strikes the same spot: thread frays, needles heat and break, cloth is cut.',
            self::LongStitches => 'They slow the machine, catch on fingers and buttons, and pull loose in the wash.',
            self::Dense => 'Cloth stiffens and puckers there, or is cut; needles deflect.',
            self::LongJump
                => 'The thread is carried across without a cut: someone cuts it by hand on every piece, or it shows.',
            self::TravelOverLight
                => 'Dark thread is carried across light stitches that are sewn already: it shows on top of them.',
            self::ThreadsAlike
                => 'Two cones that look the same beside each other on the rack: they will be taken for one another.',
            self::CapOrder
                => 'On a cap slack is pushed into the design instead of out of it, and registration is lost.',
            self::StartOffMiddle
                => 'Set over the mark, needle 1 does not stand in the middle of the design: the mark has to be for the start.',
            self::EndAway
                => 'The frame does not come back to where it began; copies sewn by hand one after another will wander.',
        };
    }

    /** What to ask the digitiser for; null where there is nothing to ask. */
    public function request(MeasuringRules $rules): ?string
    {
        return match ($this) {
            self::NoEndRecord, self::OddBits => 'Please send the file once more, straight from your program.',
            self::HeaderWrong => 'Please confirm that this is the version we ordered, and write the header anew.',
            self::StopBeforeEnd => 'Please take out the stop after the last stitch.',
            self::EmptyBlock
                => 'Please take out the stops with nothing between them, and send the colour list again.',
            self::ShortStitches => sprintf(
                'Please remove stitches under %.1f mm and simplify the smallest details.',
                $rules->shortMm,
            ),
            self::LongStitches => sprintf(
                'Please split or fill the long stitches so that none is over %.1f mm.',
                $rules->longMm,
            ),
            self::Dense
                => 'Please lighten the density where layers lie over each other, or remove what is hidden below.',
            self::LongJump => sprintf(
                'Please put a trim where the thread is carried further than %.0f mm.',
                $rules->longJumpMm,
            ),
            self::TravelOverLight => 'Please trim before these moves, or lead them where later stitches cover them.',
            self::CapOrder => 'Please order it for a cap: from the middle outwards and from the bill upwards.',
            self::StartOffMiddle => 'Please start the design in its middle.',
            self::EndAway => 'Please end the design where it starts.',
            default => null,
        };
    }
}
