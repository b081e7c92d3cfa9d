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

    /** @return list<int> */
    private static function unpacked(string $format, string $bytes): array
    {
        /** @var array<int> $numbers */
        $numbers = unpack($format, $bytes);

        return array_values($numbers);
    }
}
