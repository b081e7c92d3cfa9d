<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;
use InvalidArgumentException;

/**
 * Reads a stitch tape in one pass, a few kilobytes at a time: what can be read is read, and every
 * oddity is listed as a finding of the pattern.
 */
final class TapeReader
{
    private const CHUNK_RECORDS = 4096;
    private const END = "\x00\x00\xf3";

    /** More records than this without the two bits every record carries, and it is something else. */
    private const ODD_SHARE = 0.1;

    /** @var list<int> */
    private array $dx0;
    /** @var list<int> */
    private array $dx1;
    /** @var list<int> */
    private array $dx2;
    /** @var list<int> */
    private array $dy0;
    /** @var list<int> */
    private array $dy1;
    /** @var list<int> */
    private array $dy2;
    /** @var list<int> */
    private array $kind2;

    public function __construct()
    {
        [$this->dx0, $this->dx1, $this->dx2] = [Triplet::moves(0, 0), Triplet::moves(1, 0), Triplet::moves(2, 0)];
        [$this->dy0, $this->dy1, $this->dy2] = [Triplet::moves(0, 1), Triplet::moves(1, 1), Triplet::moves(2, 1)];
        for ($value = 0; $value < 256; $value++) {
            $kind = match ($value & Triplet::STOP) {
                0 => RecordKind::Stitch,
                Triplet::STOP => RecordKind::Stop,
                default => RecordKind::Jump,
            };
            $this->kind2[] = $kind->value;
        }
    }

    /** @throws NotATape */
    public function fromString(string $bytes): Pattern
    {
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            throw new InvalidArgumentException('no memory stream to be had');
        }
        fwrite($stream, $bytes);
        rewind($stream);

        return $this->fromStream($stream);
    }

    /**
     * @param resource $stream at its start; it is read to its end and left open
     *
     * @throws NotATape
     */
    public function fromStream($stream): Pattern
    {
        $head = (string) stream_get_contents($stream, Header::LENGTH);
        if (strlen($head) < Header::LENGTH) {
            throw NotATape::shorterThanHeader(strlen($head));
        }
        $header = Header::read($head);

        [$dx0, $dx1, $dx2, $dy0, $dy1, $dy2, $kind2] = [
            $this->dx0,
            $this->dx1,
            $this->dx2,
            $this->dy0,
            $this->dy1,
            $this->dy2,
            $this->kind2,
        ];
        $xs = $ys = $kinds = '';
        $x = $y = $minX = $maxX = $minY = $maxY = 0;
        $odd = $stops = $stitches = 0;
        $stitch = chr(RecordKind::Stitch->value);
        /** @var array<string, int> $moveX stitch record => its move, of those met so far */
        $moveX = [];
        /** @var array<string, int> $moveY */
        $moveY = [];
        $offset = Header::LENGTH;
        $ended = false;
        $left = '';

        while (! $ended && ($bytes = (string) stream_get_contents($stream, 3 * self::CHUNK_RECORDS)) !== '') {
            $whole = strlen($bytes) - (strlen($bytes) % 3);
            $left = substr($bytes, $whole);
            $chunkX = $chunkY = [];
            $chunkKinds = '';
            $run = 0;
            foreach ($whole === 0 ? [] : str_split(substr($bytes, 0, $whole), 3) as $i => $record) {
                // Most records are stitches, and most stitches have been met before.
                if (isset($moveX[$record])) {
                    $chunkX[] = $x += $moveX[$record];
                    $chunkY[] = $y += $moveY[$record];
                    $run++;
                    continue;
                }
                if ($record === self::END) {
                    $ended = true;
                    $left = substr($bytes, 3 * $i + 3);
                    $whole = 3 * $i + 3;
                    break;
                }
                [$b0, $b1, $b2] = [ord($record[0]), ord($record[1]), ord($record[2])];
                $chunkX[] = $x += $dx0[$b0] + $dx1[$b1] + $dx2[$b2];
                $chunkY[] = $y += $dy0[$b0] + $dy1[$b1] + $dy2[$b2];
                $chunkKinds .= str_repeat($stitch, $run).chr($kind2[$b2]);
                $run = 0;
                if (($b2 & Triplet::ALWAYS_SET) !== Triplet::ALWAYS_SET) {
                    $odd++;
                } elseif ($kind2[$b2] === RecordKind::Stitch->value) {
                    $moveX[$record] = $dx0[$b0] + $dx1[$b1] + $dx2[$b2];
                    $moveY[$record] = $dy0[$b0] + $dy1[$b1] + $dy2[$b2];
                }
            }
            $chunkKinds .= str_repeat($stitch, $run);
            if ($chunkX !== []) {
                $xs .= pack('l*', ...$chunkX);
                $ys .= pack('l*', ...$chunkY);
                $kinds .= $chunkKinds;
                $stops += substr_count($chunkKinds, chr(RecordKind::Stop->value));
                $stitches += substr_count($chunkKinds, $stitch);
                [$minX, $maxX] = [min($minX, ...$chunkX), max($maxX, ...$chunkX)];
                [$minY, $maxY] = [min($minY, ...$chunkY), max($maxY, ...$chunkY)];
            }
            $offset += $whole;
        }

        if (! $ended && $left !== '') {
            throw NotATape::halfRecord($offset, strlen($left));
        }
        if ($stitches === 0) {
            throw NotATape::noStitches(Header::LENGTH);
        }
        $records = strlen($kinds);
        if ($odd > self::ODD_SHARE * $records) {
            throw NotATape::notRecords(Header::LENGTH, $odd, $records);
        }

        $findings = [
            ...self::headerFindings($header, $records, $stops, [$maxX, -$minX, $maxY, -$minY]),
            ...self::tailFindings($ended, $left !== '' || fgetc($stream) !== false, $offset),
            ...self::recordFindings($kinds, $odd),
        ];

        return Pattern::ofPacked($header->name, $xs, $ys, $kinds, $findings);
    }

    /**
     * @param array{int, int, int, int} $reach right, left, top, bottom in 0.1 mm
     *
     * @return list<Finding>
     */
    private static function headerFindings(Header $header, int $records, int $stops, array $reach): array
    {
        if ($header->blank) {
            return [
                new Finding(
                    FindingCode::HeaderBlank,
                    'The header is blank: name, counts and size were taken from the records.',
                ),
            ];
        }
        $findings = [];
        if ($header->lowerCase) {
            $findings[] = new Finding(
                FindingCode::LabelsLowerCase,
                'The labels of the header are in lower case; they were read all the same.',
            );
        }
        $wrong = [];
        // Writers differ in whether the end record is counted, so one more is not a lie.
        if ($header->records !== null && $header->records !== $records && $header->records !== $records + 1) {
            $wrong[] = sprintf('%d records where there are %d', $header->records, $records);
        }
        if ($header->changes !== null && $header->changes !== $stops) {
            $wrong[] = sprintf('%d stops where there are %d', $header->changes, $stops);
        }
        $told = [[$header->right, 'right'], [$header->left, 'left'], [$header->top, 'up'], [$header->bottom, 'down']];
        foreach ($told as $i => [$said, $way]) {
            if ($said !== null && abs(abs($said) - $reach[$i]) > 1) {
                $wrong[] = sprintf('%.1f mm to reach %s where it is %.1f', abs($said) / 10, $way, $reach[$i] / 10);
            }
        }
        if ($wrong !== []) {
            $findings[] = new Finding(
                FindingCode::HeaderWrong,
                'The header claims '.implode(', ', $wrong).'. The records were believed.',
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function tailFindings(bool $ended, bool $more, int $offset): array
    {
        if (! $ended) {
            return [
                new Finding(
                    FindingCode::NoEndRecord,
                    'There is no end record: the tape may have been cut short. Compare the drawing with what was ordered.',
                ),
            ];
        }

        return $more
            ? [
                new Finding(
                    FindingCode::BytesAfterEnd,
                    sprintf('There are bytes after the end record (from byte %d); they were left alone.', $offset),
                ),
            ]
            : [];
    }

    /** @return list<Finding> */
    private static function recordFindings(string $kinds, int $odd): array
    {
        $findings = [];
        $stitch = chr(RecordKind::Stitch->value);
        $before = substr($kinds, 0, strcspn($kinds, $stitch));
        $after = substr($kinds, (int) strrpos($kinds, $stitch) + 1);
        if ($before !== '') {
            $findings[] = new Finding(
                FindingCode::JumpsBeforeFirst,
                sprintf(
                    '%d record%s before the first stitch: the frame moves off its start before it sews.',
                    strlen($before),
                    strlen($before) === 1 ? ' stands' : 's stand',
                ),
            );
        }
        if (str_contains($after, chr(RecordKind::Stop->value))) {
            $findings[] = new Finding(
                FindingCode::StopBeforeEnd,
                'There is a stop after the last stitch; it is not a colour change.',
            );
        }
        if ($odd > 0) {
            $findings[] = new Finding(
                FindingCode::OddBits,
                sprintf(
                    '%d records lack the two bits that every record carries; they were read by their other bits.',
                    $odd,
                ),
            );
        }

        return $findings;
    }
}
