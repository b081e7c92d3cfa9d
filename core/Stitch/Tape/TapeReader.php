<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;
use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;
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
                    new Text('artwork.tape_note.header_blank'),
                ),
            ];
        }
        $findings = [];
        if ($header->lowerCase) {
            $findings[] = new Finding(
                FindingCode::LabelsLowerCase,
                new Text('artwork.tape_note.labels_lower_case'),
            );
        }
        $wrong = [];
        // Writers differ in whether the end record is counted, so one more is not a lie.
        if ($header->records !== null && $header->records !== $records && $header->records !== $records + 1) {
            $wrong[] = new Text('artwork.tape_note.claims_records', [
                'claimed' => $header->records,
                'found' => $records,
            ]);
        }
        if ($header->changes !== null && $header->changes !== $stops) {
            $wrong[] = new Text('artwork.tape_note.claims_stops', ['claimed' => $header->changes, 'found' => $stops]);
        }
        $told = [[$header->right, 'right'], [$header->left, 'left'], [$header->top, 'up'], [$header->bottom, 'down']];
        foreach ($told as $i => [$said, $way]) {
            if ($said !== null && abs(abs($said) - $reach[$i]) > 1) {
                $wrong[] = new Text('artwork.tape_note.claims_reach', [
                    'claimed' => new Decimal(abs($said) / 10),
                    'way' => $way,
                    'found' => new Decimal($reach[$i] / 10),
                ]);
            }
        }
        if ($wrong !== []) {
            $findings[] = new Finding(
                FindingCode::HeaderWrong,
                new Text('artwork.tape_note.header_wrong', ['wrong' => new Texts(Joined::Comma, ...$wrong)]),
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
                    new Text('artwork.tape_note.no_end_record'),
                ),
            ];
        }

        return $more
            ? [
                new Finding(
                    FindingCode::BytesAfterEnd,
                    new Text('artwork.tape_note.bytes_after_end', ['offset' => $offset]),
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
                new Text('artwork.tape_note.jumps_before_first', ['count' => strlen($before)]),
            );
        }
        if (str_contains($after, chr(RecordKind::Stop->value))) {
            $findings[] = new Finding(
                FindingCode::StopBeforeEnd,
                new Text('artwork.tape_note.stop_before_end'),
            );
        }
        if ($odd > 0) {
            $findings[] = new Finding(
                FindingCode::OddBits,
                new Text('artwork.tape_note.odd_bits', ['count' => $odd]),
            );
        }

        return $findings;
    }
}
