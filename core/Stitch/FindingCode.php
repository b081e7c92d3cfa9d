<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** Every oddity that reading or measuring a pattern can report. */
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
}
