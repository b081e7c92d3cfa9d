<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** What was given cannot be read as a stitch tape; the message names the byte offset and the reason. */
final class NotATape extends Refusal
{
    private function __construct(public readonly int $offset, Text $reason)
    {
        parent::__construct(new Text('artwork.not_a_tape.at_byte', ['reason' => $reason, 'offset' => $offset]));
    }

    public static function shorterThanHeader(int $length): self
    {
        return new self($length, new Text('artwork.not_a_tape.short_header', [
            'length' => $length,
            'header' => Header::LENGTH,
        ]));
    }

    public static function halfRecord(int $offset, int $left): self
    {
        return new self(
            $offset,
            new Text('artwork.not_a_tape.half_record', ['left' => $left]),
        );
    }

    public static function noStitches(int $offset): self
    {
        return new self($offset, new Text('artwork.not_a_tape.no_stitches'));
    }

    public static function notRecords(int $offset, int $odd, int $records): self
    {
        return new self(
            $offset,
            new Text('artwork.not_a_tape.not_records', ['odd' => $odd, 'records' => $records]),
        );
    }
}
