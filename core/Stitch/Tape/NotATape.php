<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use RuntimeException;

/** What was given cannot be read as a stitch tape; the message names the byte offset and the reason. */
final class NotATape extends RuntimeException
{
    private function __construct(public readonly int $offset, string $reason)
    {
        parent::__construct(sprintf('no stitch tape: %s (at byte %d)', $reason, $offset));
    }

    public static function shorterThanHeader(int $length): self
    {
        return new self($length, sprintf('it ends after %d of the %d bytes of the header', $length, Header::LENGTH));
    }

    public static function halfRecord(int $offset, int $left): self
    {
        return new self(
            $offset,
            sprintf(
                'it breaks off %d byte%s into a record and no end record was seen',
                $left,
                $left === 1 ? '' : 's',
            ),
        );
    }

    public static function noStitches(int $offset): self
    {
        return new self($offset, 'it holds no stitches');
    }

    public static function notRecords(int $offset, int $odd, int $records): self
    {
        return new self(
            $offset,
            sprintf('%d of %d records lack the two bits that every record carries', $odd, $records),
        );
    }
}
