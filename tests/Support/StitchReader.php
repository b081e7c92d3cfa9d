<?php

declare(strict_types=1);

namespace Tests\Support;

use GdImage;
use Hakama\House\HouseRules;
use Hakama\Lettering\Alphabet;
use Hakama\Lettering\LetterStyle;
use Hakama\Stitch\RecordKind;
use RuntimeException;

/**
 * Reads lettering as somebody would who sees it sewn: every stitch is drawn as a piece of thread, and a reader of printed
 * text that knows nothing of how these letters were made says what it sees.
 */
final class StitchReader
{
    /** A capital is so high in the picture; it is drawn larger first, so that its edges are soft. */
    private const CAPITAL_PX = 34;
    private const LARGER = 2;
    private const THREAD_MM = 0.35;

    public static function isThere(): bool
    {
        return trim((string) shell_exec('command -v tesseract')) !== '' && function_exists('imagecreatetruecolor');
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> what was read, as many lines as could be told apart
     */
    public static function read(array $lines, Alphabet $alphabet, float $heightMm): array
    {
        $file = tempnam(sys_get_temp_dir(), 'sewn').'.png';
        imagepng(self::page($lines, $alphabet, $heightMm), $file);
        // As a block of text, by the shapes alone: no list of words helps it.
        $read = shell_exec(
            'OMP_THREAD_LIMIT=1 tesseract '.escapeshellarg($file).
            ' - --psm 6 -l eng --dpi 200 -c load_system_dawg=0 -c load_freq_dawg=0 2>/dev/null',
        );
        unlink($file);

        $lines = array_map(trim(...), explode("\n", (string) $read));

        return array_values(array_filter($lines, static fn(string $one): bool => $one !== ''));
    }

    /**
     * How many letters of some lines were read as what they are. Large and small, which many letters are only by their
     * height, and bars, rings and hooks that have several names count as the same; marks between letters do not count.
     *
     * @param list<string> $lines
     *
     * @return array{int, int, list<string>} read right, letters, and the lines that were not read right
     */
    public static function score(array $lines, Alphabet $alphabet, float $heightMm): array
    {
        $read = self::read($lines, $alphabet, $heightMm);
        [$right, $letters, $wrong] = [0, 0, []];
        foreach ($lines as $i => $line) {
            [$is, $seen] = [self::plain($line), self::plain($read[$i] ?? '')];
            $letters += strlen($is);
            $missed = min(strlen($is), levenshtein($is, $seen));
            $right += strlen($is) - $missed;
            if ($missed > 0) {
                $wrong[] = "{$line} as ".($read[$i] ?? 'nothing');
            }
        }

        return [$right, $letters, $wrong];
    }

    private static function plain(string $words): string
    {
        $alike = strtolower(strtr($words, ['|' => 'l', 'I' => 'l', '1' => 'l', '0' => 'o']));

        return preg_replace('/[^a-z2-9]/', '', $alike) ?? '';
    }

    /** @param list<string> $lines */
    private static function page(array $lines, Alphabet $alphabet, float $heightMm): GdImage
    {
        $scale = self::LARGER * self::CAPITAL_PX / $heightMm;
        [$edge, $lineHeight] = [40 * self::LARGER, 2.6 * self::CAPITAL_PX * self::LARGER];
        $stitches = array_map(static fn(string $line): array => self::stitches($line, $alphabet, $heightMm), $lines);
        $left = array_map(static fn(array $of): float => min(array_column($of, 0)), $stitches);
        $right = array_map(static fn(array $of): float => max(array_column($of, 2)), $stitches);
        $longest = max(array_map(static fn(float $l, float $r): float => $r - $l, $left, $right));
        $width = (int) (2 * $edge + $scale * $longest);
        $height = (int) (2 * $edge + $lineHeight * count($lines));
        $page = self::blank($width, $height);
        imagesetthickness($page, max(1, (int) round(self::THREAD_MM * $scale)));
        $ink = (int) imagecolorallocate($page, 20, 20, 20);
        foreach ($stitches as $i => $of) {
            $base = $edge + $lineHeight * ($i + 0.6);
            foreach ($of as [$x, $y, $toX, $toY]) {
                imageline(
                    $page,
                    (int) ($edge + ($x - $left[$i]) * $scale),
                    (int) ($base - $y * $scale),
                    (int) ($edge + ($toX - $left[$i]) * $scale),
                    (int) ($base - $toY * $scale),
                    $ink,
                );
            }
        }
        $small = self::blank(intdiv($width, self::LARGER), intdiv($height, self::LARGER));
        imagecopyresampled($small, $page, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);

        return $small;
    }

    private static function blank(int $width, int $height): GdImage
    {
        $page = imagecreatetruecolor(max(1, $width), max(1, $height));
        if ($page === false) {
            throw new RuntimeException('no picture can be made');
        }
        imagefill($page, 0, 0, (int) imagecolorallocate($page, 255, 255, 255));

        return $page;
    }

    /** @return non-empty-list<array{float, float, float, float}> from and to, mm */
    private static function stitches(string $text, Alphabet $alphabet, float $heightMm): array
    {
        $pattern = (new LetterStyle($alphabet, $heightMm, HouseRules::of()->letters()))->of($text)->pattern;
        $stitches = [];
        [$x, $y] = [0, 0];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->xs as $i => $toX) {
                $toY = $chunk->ys[$i];
                if ($chunk->kinds[$i] === RecordKind::Stitch->value) {
                    $stitches[] = [$x / 10, $y / 10, $toX / 10, $toY / 10];
                }
                [$x, $y] = [$toX, $toY];
            }
        }
        assert($stitches !== []);

        return $stitches;
    }
}
