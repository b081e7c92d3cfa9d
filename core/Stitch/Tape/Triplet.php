<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

/**
 * The three bytes of one record: which bit moves by how much, in tenths of a millimetre.
 *
 * @internal to the stitches: shared by reader, writer and builder, so that the table stands once
 */
final class Triplet
{
    public const ALWAYS_SET = 0x03;
    public const JUMP = 0x80;
    public const STOP = 0xc0;
    public const END = 0xf3;

    /** byte => bit => [dx, dy] */
    private const BITS = [
        [
            0x80 => [0, 1],
            0x40 => [0, -1],
            0x20 => [0, 9],
            0x10 => [0, -9],
            0x08 => [-9, 0],
            0x04 => [9, 0],
            0x02 => [-1, 0],
            0x01 => [1, 0],
        ],
        [
            0x80 => [0, 3],
            0x40 => [0, -3],
            0x20 => [0, 27],
            0x10 => [0, -27],
            0x08 => [-27, 0],
            0x04 => [27, 0],
            0x02 => [-3, 0],
            0x01 => [3, 0],
        ],
        [0x20 => [0, 81], 0x10 => [0, -81], 0x08 => [-81, 0], 0x04 => [81, 0]],
    ];

    /** @return list<int> for every value of that byte, what it moves along x (0) or y (1) */
    public static function moves(int $byte, int $axis): array
    {
        $moves = [];
        for ($value = 0; $value < 256; $value++) {
            $sum = 0;
            foreach (self::BITS[$byte] as $bit => $move) {
                $sum += ($value & $bit) !== 0 ? $move[$axis] : 0;
            }
            $moves[] = $sum;
        }

        return $moves;
    }

    /**
     * The record that moves by (dx, dy).
     *
     * @param int $dx    -121 to 121
     * @param int $dy    -121 to 121
     * @param int $flags 0, JUMP or STOP
     */
    public static function write(int $dx, int $dy, int $flags): string
    {
        $bytes = [0, 0, self::ALWAYS_SET | $flags];
        self::balance($dx, 0, $bytes);
        self::balance($dy, 1, $bytes);

        return pack('C3', ...$bytes);
    }

    /**
     * Balanced ternary: what is left after taking a weight is always within reach of the lighter ones,
     * the largest sum of which is half the weight, rounded down.
     *
     * @param array{int, int, int} $bytes
     */
    private static function balance(int $move, int $axis, array &$bytes): void
    {
        foreach ([[2, 81], [1, 27], [0, 9], [1, 3], [0, 1]] as [$byte, $weight]) {
            $rest = intdiv($weight, 2);
            if (abs($move) <= $rest) {
                continue;
            }
            $step = $move > 0 ? $weight : -$weight;
            foreach (self::BITS[$byte] as $bit => $moves) {
                if ($moves[$axis] === $step) {
                    $bytes[$byte] |= $bit;
                }
            }
            $move -= $step;
        }
    }
}
