<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

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

    public function label(): Text
    {
        return new Text("artwork.finding.{$this->value}");
    }

    /** What it means for the person who sews it. */
    public function meaning(): Text
    {
        return new Text("artwork.finding_meaning.{$this->value}");
    }

    /** What to ask the digitiser for; null where there is nothing to ask. */
    public function request(MeasuringRules $rules): ?Text
    {
        return match ($this) {
            self::NoEndRecord, self::OddBits => new Text('artwork.finding_request.send_again'),
            self::HeaderWrong => new Text('artwork.finding_request.header_wrong'),
            self::StopBeforeEnd => new Text('artwork.finding_request.stop_before_end'),
            self::EmptyBlock
                => new Text('artwork.finding_request.empty_block'),
            self::ShortStitches => new Text('artwork.finding_request.short_stitches', [
                'short' => new Decimal($rules->shortMm),
            ]),
            self::LongStitches => new Text('artwork.finding_request.long_stitches', [
                'long' => new Decimal($rules->longMm),
            ]),
            self::Dense
                => new Text('artwork.finding_request.dense'),
            self::LongJump => new Text('artwork.finding_request.long_jump', [
                'long_jump' => new Decimal($rules->longJumpMm, 0),
            ]),
            self::TravelOverLight => new Text('artwork.finding_request.travel_over_light'),
            self::CapOrder => new Text('artwork.finding_request.cap_order'),
            self::StartOffMiddle => new Text('artwork.finding_request.start_off_middle'),
            self::EndAway => new Text('artwork.finding_request.end_away'),
            default => null,
        };
    }
}
