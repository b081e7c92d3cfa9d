<?php

declare(strict_types=1);

namespace Hakama\Floor\Folder;

/**
 * What a tape is called in the folder of a machine: eight letters and the ending, as every panel reads them. Two say at
 * which place of the plan it stands, three are the last figures of its batch, three its sign, made of what is in it.
 */
final class TapeName
{
    /** As many as two figures count. */
    public const MOST = 99;
    public const ENDING = '.DST';
    /** Figures and capitals without those that are mistaken for one another on a panel. */
    private const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    private const BITS = 5;
    private const LETTERS_OF_A_SIGN = 3;
    private const BATCH = 1000;

    /**
     * @param int          $place    1 to 99
     * @param string       $batch    B-106
     * @param string       $checksum SHA-256 of the tape, as hexadecimal figures
     * @param list<string> $before   those of what lay at this batch before, oldest first
     */
    public static function of(int $place, string $batch, string $checksum, array $before = []): string
    {
        return sprintf(
            '%02d%03d%s%s',
            $place,
            (int) preg_replace('/\D/', '', $batch) % self::BATCH,
            self::sign($checksum, $before),
            self::ENDING,
        );
    }

    /**
     * Another tape has another sign, and none that one before it had, so that a panel that kept a file never takes it for
     * the new one.
     *
     * @param list<string> $before
     */
    private static function sign(string $checksum, array $before): string
    {
        $taken = [];
        foreach ($before as $old) {
            if ($old !== $checksum) {
                $taken[$old] = self::free($old, $taken);
            }
        }

        return self::free($checksum, $taken);
    }

    /** @param array<array-key, string> $taken */
    private static function free(string $checksum, array $taken): string
    {
        $bits = implode('', array_map(
            static fn(string $figure): string => sprintf('%04b', hexdec($figure)),
            str_split($checksum),
        ));
        $wide = self::BITS * self::LETTERS_OF_A_SIGN;
        for ($from = 0; $from + $wide < strlen($bits); $from += self::BITS) {
            $sign = implode('', array_map(
                static fn(string $letter): string => self::LETTERS[(int) bindec($letter)],
                str_split(substr($bits, $from, $wide), self::BITS),
            ));
            if (! in_array($sign, $taken, true)) {
                return $sign;
            }
        }

        return $sign ?? '';
    }
}
