<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use Countable;

/**
 * A stitch pattern: a name, a sequence of records, and what was odd about where it came from.
 *
 * Records are kept packed (9 bytes each: x and y as 32-bit integers in tenths of a millimetre, and
 * one byte of kind), because a million of them as PHP values would need a hundred times that. They
 * start from (0, 0); a record's position is where it ends.
 */
final readonly class Pattern implements Countable
{
    private const CHUNK = 8192;

    /** @param list<Finding> $findings */
    private function __construct(
        public string $name,
        private string $xs,
        private string $ys,
        private string $kinds,
        public array $findings,
    ) {}

    /**
     * @param string        $xs       packed signed 32-bit machine-order integers, 0.1 mm
     * @param string        $ys       the same, as many
     * @param string        $kinds    one byte a record, RecordKind's number
     * @param list<Finding> $findings
     *
     * @internal for PatternBuilder and the tape reader
     */
    public static function ofPacked(string $name, string $xs, string $ys, string $kinds, array $findings = []): self
    {
        return new self($name, $xs, $ys, $kinds, $findings);
    }

    /** How many records, of every kind. */
    public function count(): int
    {
        return strlen($this->kinds);
    }

    /** True when both make the machine do the same, whatever they are called and whatever was odd about them. */
    public function sewsLike(self $other): bool
    {
        return $this->kinds === $other->kinds && $this->xs === $other->xs && $this->ys === $other->ys;
    }

    /** The same records, laid down anew. */
    public function placed(Transform $placement): self
    {
        $xs = $ys = '';
        foreach ($this->chunks() as $chunk) {
            $newXs = $newYs = [];
            foreach ($chunk->xs as $i => $x) {
                [$newXs[], $newYs[]] = $placement->of($x, $chunk->ys[$i]);
            }
            $xs .= pack('l*', ...$newXs);
            $ys .= pack('l*', ...$newYs);
        }

        return new self($this->name, $xs, $ys, $this->kinds, []);
    }

    /**
     * A stretch of the records, each where it was.
     *
     * @param int $from first record, from 0
     * @param int $to   the one after the last
     */
    public function slice(int $from, int $to): self
    {
        return new self(
            $this->name,
            substr($this->xs, 4 * $from, 4 * ($to - $from)),
            substr($this->ys, 4 * $from, 4 * ($to - $from)),
            substr($this->kinds, $from, $to - $from),
            [],
        );
    }

    /** @return array{int, int} where the frame stands before a record, 0.1 mm */
    public function before(int $record): array
    {
        if ($record === 0) {
            return [0, 0];
        }

        return [
            self::unpacked('l', substr($this->xs, 4 * $record - 4, 4))[0],
            self::unpacked('l', substr($this->ys, 4 * $record - 4, 4))[0],
        ];
    }

    /** @return list<BlockSpan> the blocks that sew, in order */
    public function blockSpans(): array
    {
        $spans = [];
        $stitch = chr(RecordKind::Stitch->value);
        $at = 0;
        foreach (explode(chr(RecordKind::Stop->value), $this->kinds) as $run) {
            $first = strpos($run, $stitch);
            if ($first !== false) {
                $last = (int) strrpos($run, $stitch);
                $spans[] = new BlockSpan($at + $first, $at + $last + 1, $first, substr_count($run, $stitch));
            }
            $at += strlen($run) + 1;
        }

        return $spans;
    }

    /**
     * The records as they are packed: x, y and kind.
     *
     * @return array{string, string, string}
     *
     * @internal for PatternBuilder
     */
    public function packed(): array
    {
        return [$this->xs, $this->ys, $this->kinds];
    }

    public function named(string $name): self
    {
        return new self($name, $this->xs, $this->ys, $this->kinds, $this->findings);
    }

    /**
     * The same stitches with a halt after some of them.
     *
     * @param list<int> $afterStitches counted from 1
     *
     * @throws NoPlaceForAStop
     */
    public function withStops(array $afterStitches): self
    {
        sort($afterStitches);
        $stitch = chr(RecordKind::Stitch->value);
        [$xs, $ys, $kinds] = ['', '', ''];
        $from = $at = $sewn = 0;
        foreach (array_unique($afterStitches) as $after) {
            for (; $sewn < $after; $sewn++) {
                $next = strpos($this->kinds, $stitch, $at);
                $at = $next === false ? throw NoPlaceForAStop::beyondTheEnd($after) : $next + 1;
            }
            if ($after < 1 || strpos($this->kinds, $stitch, $at) === false) {
                throw NoPlaceForAStop::beyondTheEnd($after);
            }
            // A stop that stands there already, before or behind the jumps, is the one that was wanted.
            $gap = substr($this->kinds, $at, strcspn($this->kinds, $stitch, $at));
            if (str_contains($gap, chr(RecordKind::Stop->value))) {
                throw NoPlaceForAStop::standsAlready($after);
            }
            $xs .= substr($this->xs, $from * 4, ($at - $from) * 4).substr($this->xs, ($at - 1) * 4, 4);
            $ys .= substr($this->ys, $from * 4, ($at - $from) * 4).substr($this->ys, ($at - 1) * 4, 4);
            $kinds .= substr($this->kinds, $from, $at - $from).chr(RecordKind::Stop->value);
            $from = $at;
        }

        return new self(
            $this->name,
            $xs.substr($this->xs, $from * 4),
            $ys.substr($this->ys, $from * 4),
            $kinds.substr($this->kinds, $from),
            [],
        );
    }

    /** @return iterable<Chunk> all records in order, a few thousand at a time */
    public function chunks(): iterable
    {
        $count = strlen($this->kinds);
        for ($from = 0; $from < $count; $from += self::CHUNK) {
            yield new Chunk(
                self::unpacked('l*', substr($this->xs, $from * 4, self::CHUNK * 4)),
                self::unpacked('l*', substr($this->ys, $from * 4, self::CHUNK * 4)),
                self::unpacked('C*', substr($this->kinds, $from, self::CHUNK)),
            );
        }
    }

    /** @return iterable<Run> all records in order, a few thousand of one kind at a time */
    public function runs(): iterable
    {
        $count = strlen($this->kinds);
        for ($from = 0; $from < $count; $from += $length) {
            $length = strspn($this->kinds, $this->kinds[$from], $from, self::CHUNK);
            yield new Run(
                RecordKind::from(ord($this->kinds[$from])),
                self::some($this->xs, $from, $length),
                self::some($this->ys, $from, $length),
            );
        }
    }

    /** @return non-empty-list<int> */
    private static function some(string $packed, int $from, int $length): array
    {
        $numbers = self::unpacked('l*', substr($packed, $from * 4, $length * 4));
        assert($numbers !== []);

        return $numbers;
    }

    /** @return list<int> */
    private static function unpacked(string $format, string $bytes): array
    {
        /** @var array<int> $numbers */
        $numbers = unpack($format, $bytes);

        return array_values($numbers);
    }
}
